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

/** Units left of the budget that runs, and its number: each has one of its own. */
let left = Infinity;
let budget = 0;
let budgets = 0;

/** Where the units are noted that are spent now: nowhere, outside of what is kept. */
let account: Account | undefined;

/** Units that something took itself, and what it used that was worked out apart from it. */
interface Account {
  units: number;
  readonly used: Set<Account>;
  /** The budget that was last charged with it. */
  chargedTo: number;
}

/** Takes units from the budget that runs; throws {@link TooMuchWork} once it is used up. */
export function spend(units: number): void {
  if (account) account.units += units;
  left -= units;
  if (left < 0) throw new TooMuchWork();
}

/** Spends the work of going through so many entries of a table of numbers. */
export function spendOn(entries: number): void {
  spend(entries / ENTRIES);
}

/** Does something that may spend so many units, and no more than what runs around it may spend. */
export function withinWork<T>(most: number, work: () => T): T {
  const outer = { left, budget };
  const given = Math.min(left, most);
  left = given;
  budget = ++budgets;
  try {
    return work();
  } finally {
    left = outer.left - (given - left);
    budget = outer.budget;
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
  let units = 0;
  const value = withinWork(Number.MAX_SAFE_INTEGER, () => {
    const given = left;
    const done = work();
    units = given - left;
    return done;
  });
  return { value, units };
}

/**
 * A value that is worked out when it is first asked for. Every budget is charged for it once, those that find it
 * made too: else a request would be refused or not by what happened to be asked before it.
 */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  const own: Account = { units: 0, used: new Set(), chargedTo: 0 };
  return () => {
    account?.used.add(own);
    if (made) charge(own);
    else {
      made = { value: noted(own, make) };
      own.chargedTo = budget;
    }
    return made.value;
  };
}

/** Does something whose units are noted in an account of its own. */
function noted<T>(own: Account, work: () => T): T {
  const outer = account;
  account = own;
  own.units = 0;
  own.used.clear();
  try {
    return work();
  } finally {
    account = outer;
  }
}

/** Takes from the budget that runs what something took, unless it was charged with it already. */
function charge(own: Account): void {
  if (own.chargedTo === budget) return;
  own.chargedTo = budget;
  left -= own.units;
  if (left < 0) throw new TooMuchWork();
  own.used.forEach(charge);
}
