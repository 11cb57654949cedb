import { spending, TooMuchWork, type Account } from './spending';

/**
 * Work that one may ask for to count the items of a request, and to draw from them and work what is drawn. No skill
 * needs half of it to count all of its items (`npm run bench` prints what each needs).
 */
export const COUNT_WORK = 4e6;
export const DRAW_WORK = 14e6;

/** More than anything takes, and so little that parts of a unit are not lost. */
const MEASURED = 1e12;

/** Every budget has a number of its own. */
let budgets = 0;

/** Does something that may spend so many units, and no more than what runs around it may spend. */
export function withinWork<T>(most: number, work: () => T): T {
  const { left, budget } = spending;
  const given = Math.min(left, most);
  spending.left = given;
  spending.budget = ++budgets;
  try {
    return work();
  } finally {
    spending.left = left - (given - spending.left);
    spending.budget = budget;
  }
}

/** What a piece of work gave; undefined if it needs more units than these, which are spent all the same. */
export function tryWithin<T>(most: number, work: () => T): T | undefined {
  try {
    return withinWork(most, work);
  } catch (error) {
    if (!(error instanceof TooMuchWork) || spending.left < 0) throw error;
    return undefined;
  }
}

/** What a piece of work gives, and the units it takes. */
export function measureWork<T>(work: () => T): { readonly value: T; readonly units: number } {
  let units = 0;
  const value = withinWork(MEASURED, () => {
    const given = spending.left;
    const done = work();
    units = given - spending.left;
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
    spending.account?.used.add(own);
    if (made) charge(own);
    else {
      made = { value: noted(own, make) };
      own.chargedTo = spending.budget;
    }
    return made.value;
  };
}

/** Does something whose units are noted in an account of its own. */
function noted<T>(own: Account, work: () => T): T {
  const outer = spending.account;
  spending.account = own;
  own.units = 0;
  own.used.clear();
  try {
    return work();
  } finally {
    spending.account = outer;
  }
}

/** Takes from the budget that runs what something took, unless it was charged with it already. */
function charge(own: Account): void {
  if (own.chargedTo === spending.budget) return;
  own.chargedTo = spending.budget;
  spending.left -= own.units;
  if (spending.left < 0) throw new TooMuchWork();
  own.used.forEach(charge);
}
