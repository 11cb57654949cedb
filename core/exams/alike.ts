/** What a pupil may recognise in an item: how it reads, and its answer. */
export interface Recognised {
  /** The item on one line. */
  readonly line: string;
  readonly answer: string;
}

/** Why two items are nearly alike. */
export type Likeness =
  | { readonly why: 'number'; readonly number: string }
  | { readonly why: 'answer'; readonly answer: string }
  | { readonly why: 'digit' }
  | { readonly why: 'story' };

/**
 * Why two items are nearly alike, if they are: the same number of three digits or more stands in both, they have the
 * same answer of as many, they differ by a single digit, or they tell the same story. Round numbers, as 1000 or 0.5, are
 * not recognised.
 */
export function likenessOf(one: Recognised, other: Recognised): Likeness | undefined {
  const story = storyOf(one.line);
  if (story !== undefined && story === storyOf(other.line)) return { why: 'story' };
  const theirs = longNumbers(other.line);
  const shared = longNumbers(one.line).find((number) => theirs.includes(number));
  if (shared !== undefined) return { why: 'number', number: shared };
  if (one.answer === other.answer && longNumbers(one.answer).length > 0) {
    return { why: 'answer', answer: one.answer };
  }
  return differByOneDigit(one.line, other.line) ? { why: 'digit' } : undefined;
}

/** What a problem asks, whoever is in it; undefined for an item that is no question. */
function storyOf(line: string): string | undefined {
  const question = /[^.?]*\?$/.exec(line)?.[0].trim();
  return question?.replaceAll(/(?<=\S )\p{Lu}[\p{L}'-]+/gu, '…');
}

/** The numbers in a text that have three digits or more, of which two at least are not 0. */
function longNumbers(text: string): string[] {
  return (text.match(/\d+(\.\d+)?/g) ?? []).filter((number) => {
    const digits = number.replace('.', '').replace(/^0+/, '');
    return digits.length >= 3 && digits.replaceAll('0', '').length >= 2;
  });
}

function differByOneDigit(one: string, other: string): boolean {
  if (one.length !== other.length) return false;
  const places = [...one].flatMap((character, at) => (character === other[at] ? [] : [at]));
  const [place] = places;
  return places.length === 1 && /\d\d/.test(one[place!]! + other[place!]!);
}

/** Items that stand on a paper already: whether another is nearly alike to one of them. */
export class Remembered {
  private readonly items: Recognised[] = [];

  isAlike(one: Recognised): boolean {
    return this.items.some((other) => likenessOf(one, other) !== undefined);
  }

  add(one: Recognised): void {
    this.items.push(one);
  }
}

/** Two parts that are nearly alike. */
export interface AlikePair {
  readonly parts: readonly [string, string];
  readonly likeness: Likeness;
}

/** The pairs of parts that are nearly alike, in their order. */
export function alikeIn(parts: readonly (Recognised & { readonly id: string })[]): AlikePair[] {
  return parts.flatMap((one, at) =>
    parts.slice(at + 1).flatMap((other): AlikePair[] => {
      const likeness = likenessOf(one, other);
      return likeness ? [{ parts: [one.id, other.id], likeness }] : [];
    })
  );
}
