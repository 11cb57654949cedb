/**
 * How much is worked out for a request is counted in *work*, never in time, so that a request is refused on
 * every machine or on none. A unit is one thing looked at: an edge of an automaton, a pair of grades, a class of
 * items. It takes between a quarter of a microsecond and one on a usual machine of 2026 (measured).
 */

/** Work of laying out the working of one item. */
export const ITEM_WORK = 300;

/**
 * Work that one may ask for to count the items of a request, and to draw from them and work what is drawn. No skill
 * needs half of it to count all of its items (`npm run bench` prints what each needs).
 */
export const COUNT_WORK = 4e6;
export const DRAW_WORK = 14e6;

/** Entries of a table of numbers that are gone through in the time of one unit. */
const ENTRIES = 16;

/** Thrown when a request needs more work than it may have; it may name what makes it so dear. */
export class TooMuchWork extends Error {
  override readonly name = 'TooMuchWork';

  constructor(readonly leaveOut: readonly string[] = []) {
    super('more work than this request may have');
  }
}

/** Units left of the budget that runs, and units spent since this thread began. */
let left = Infinity;
let spent = 0;

/** Takes units from the budget that runs; throws {@link TooMuchWork} once it is used up. */
export function spend(units: number): void {
  spent += units;
  left -= units;
  if (left < 0) throw new TooMuchWork();
}

/** Spends the work of going through so many entries of a table of numbers. */
export function spendOn(entries: number): void {
  spend(entries / ENTRIES);
}

/** Does something that may spend so many units, and no more than what runs around it may spend. */
export function withinWork<T>(most: number, work: () => T): T {
  const outer = left;
  const before = spent;
  left = Math.min(outer, most);
  try {
    return work();
  } finally {
    left = outer - (spent - before);
  }
}

/** What a piece of work gave; undefined if it needs more units than these, which are spent all the same. */
export function tryWithin<T>(most: number, work: () => T): T | undefined {
  try {
    return withinWork(most, work);
  } catch (error) {
    if (!(error instanceof TooMuchWork) || left < 0) throw error;
    return undefined;
  }
}

/** What a piece of work gives, and the units it takes. */
export function measureWork<T>(work: () => T): { readonly value: T; readonly units: number } {
  const before = spent;
  const value = work();
  return { value, units: spent - before };
}

/**
 * A value that is worked out when it is first asked for. Whoever asks is charged what it took, later ones too:
 * else a request would be refused or not by what happened to be asked before it.
 */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T; readonly units: number } | undefined;
  return () => {
    if (made) spend(made.units);
    else made = measureWork(make);
    return made.value;
  };
}
