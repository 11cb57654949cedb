/** What is left on paper for an answer. */
export const spaceKinds = ['squares', 'line', 'lines', 'blank', 'none'] as const;
export type SpaceKind = (typeof spaceKinds)[number];
