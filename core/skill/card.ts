/** What is known of every skill without loading it. */
export interface SkillCard {
  readonly id: string;
  readonly family: Family;
  readonly title: string;
  /** A typical item on one line, as it may be typed. */
  readonly example: string;
  /** Ways the working is set out and what they are called, the usual one first. */
  readonly schools: Readonly<Record<string, string>>;
  /** What is worked, where several skills are ways of working the same. */
  readonly operation?: Operation;
  /** What a pupil calls it, of ways in the head that can be chosen between. */
  readonly way?: string;
  /** Words to find it by, beside those of its title, features and error patterns. */
  readonly words: string;
}

export type Operation = 'addition' | 'subtraction' | 'multiplication' | 'division';

/** What the families are called, in the order of the catalogue. */
export const familyWords = {
  written: 'Written methods',
  decimals: 'Decimals',
  fractions: 'Fractions',
  mental: 'In the head',
  algebra: 'Algebra',
  problems: 'Problems',
  own: 'Own questions'
} as const;

export type Family = keyof typeof familyWords;

/** Whether it is worked in the head, without paper. */
export const isInHead = ({ family }: Pick<SkillCard, 'family'>): boolean => family === 'mental';

/** Whether the items are sums of whole numbers, or done in the head: short enough to stand in columns. */
export const isOfShortItems = ({ family }: Pick<SkillCard, 'family'>): boolean =>
  family === 'mental' || family === 'written';

/** The school in which a department works a skill: its own choice, else the usual one. */
export function schoolIn(
  { id, schools }: SkillCard,
  { methods }: { readonly methods: Readonly<Record<string, string>> }
): string {
  const chosen = methods[id];
  return chosen !== undefined && Object.hasOwn(schools, chosen) ? chosen : Object.keys(schools)[0]!;
}
