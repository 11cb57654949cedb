/**
 * How much is worked out for a request is counted in *work*, never in time, so that a request is refused on
 * every machine or on none. A unit is one thing looked at: an edge of an automaton, a pair of grades, a class of
 * items. It takes between a quarter of a microsecond and one on a usual machine of 2026 (measured).
 */

/** Work of laying out the working of one item. */
export const ITEM_WORK = 300;

/** Entries of a table of numbers that are gone through in the time of one unit. */
const ENTRIES = 16;

/** Units that something took itself, and what it used that was worked out apart from it. */
export interface Account {
  units: number;
  readonly used: Set<Account>;
  /** The budget that was last charged with it. */
  chargedTo: number;
}

/** What is spent now: of which budget, and where it is noted; nowhere, outside of what is kept. */
export const spending: { left: number; budget: number; account: Account | undefined } = {
  left: Infinity,
  budget: 0,
  account: undefined
};

/** Thrown when a request needs more work than it may have; it may name what makes it so dear. */
export class TooMuchWork extends Error {
  override readonly name = 'TooMuchWork';

  constructor(readonly leaveOut: readonly string[] = []) {
    super('more work than this request may have');
  }
}

/** Takes units from the budget that runs; throws {@link TooMuchWork} once it is used up. */
export function spend(units: number): void {
  if (spending.account) spending.account.units += units;
  spending.left -= units;
  if (spending.left < 0) throw new TooMuchWork();
}

/** Spends the work of going through so many entries of a table of numbers. */
export function spendOn(entries: number): void {
  spend(entries / ENTRIES);
}
