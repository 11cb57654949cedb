/** The answers that error patterns would give on one item, and the right one, as text. */
export interface ItemAnswers {
  readonly right: string;
  readonly patterns: readonly { id: string; answer: string }[];
}

/** What a paper would reveal before anyone sits it. */
export interface Revealed {
  /** For each pattern, on how many items it changes the answer. */
  readonly shows: readonly { pattern: string; items: number }[];
  /** Pairs of patterns that give the same answer on every item where either shows. */
  readonly confused: readonly (readonly [string, string])[];
}

/** Which of the patterns a set of items reveals and tells apart. */
export function revealed(patterns: readonly string[], items: readonly ItemAnswers[]): Revealed {
  const answer = (item: ItemAnswers, pattern: string) =>
    item.patterns.find(({ id }) => id === pattern)?.answer ?? item.right;
  const shows = patterns.map((pattern) => ({
    pattern,
    items: items.filter((item) => answer(item, pattern) !== item.right).length
  }));
  const seen = shows.filter(({ items }) => items > 0).map(({ pattern }) => pattern);
  const confused = seen.flatMap((one, at) =>
    seen
      .slice(at + 1)
      .filter((other) => items.every((item) => answer(item, one) === answer(item, other)))
      .map((other) => [one, other] as const)
  );
  return { shows, confused };
}
