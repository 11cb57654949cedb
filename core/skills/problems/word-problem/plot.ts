import { isWhole, SCALE, type Notation } from './amount';
import type { Context, Story } from './context';
import type { Move, Role, Situation } from './links';
import { wordable } from './units';

/** What becomes of what is left of a division. */
export const remainders = ['none', 'up', 'down', 'left', 'both'] as const;
export type Remainder = (typeof remainders)[number];

/** Where the numbers of a quantity lie, in a unit. */
export interface Range {
  readonly unit: string;
  readonly notation: Notation;
  readonly from: number;
  readonly to: number;
  readonly step: number;
  /** Its numbers come out of the others and are not listed. */
  readonly isMade: boolean;
}

/** A told quantity of a plot: its range, and whether its number is told in words. */
export interface Told extends Range {
  readonly id: string;
  readonly role: Role;
  readonly isWorded: boolean;
}

/** An operation of a plot: what it uses in one unit, and the range of what it gives. */
export interface PlotMove extends Omit<Move, 'link'> {
  readonly situation: Situation;
  readonly link: Move['link'];
  /** The unit in which it is worked; no unit where numbers of several kinds are multiplied or divided. */
  readonly unit: string;
  /** The unit into which each of what it uses is brought first. */
  readonly inUnits: readonly string[];
  /** The units in which they are told or found. */
  readonly ownUnits: readonly string[];
  readonly isConverted: boolean;
  /** The told quantity whose numbers come out of the others. */
  readonly made?: string;
  readonly notation: Notation;
  readonly gives: Range;
}

/**
 * All of a problem but its people and its numbers: a story of a context, what is asked, in which units, what is told in words,
 * and what becomes of what is left.
 */
export interface Plot {
  readonly key: string;
  readonly context: Context;
  readonly story: Story;
  readonly telling: number;
  readonly asked: string;
  readonly moves: readonly PlotMove[];
  readonly told: readonly Told[];
  readonly remainder: Remainder;
  /** The unit of the answer. */
  readonly unit: string;
  /** The people that its sentences name: `A`, `B`, `C`. */
  readonly people: readonly string[];
}

/** Most operations, and most quantities told in words. */
export const MOST_STEPS = 4;
export const MOST_WORDED = 2;

/** Most numbers that are told and not needed. */
export const MOST_BESIDE = 2;

/** What tellings are counted within: the situations in order, and the role that is asked. */
export const shapeOf = (
  operations: readonly { readonly situation: Situation; readonly role: Role }[]
): string => [...operations.map(({ situation }) => situation), operations.at(-1)!.role].join(' ');

/** Numbers of a range that can be told in words. */
export const wordedValues = (range: Range): number[] =>
  wordable(range.unit)
    .map((value) => value * SCALE)
    .filter((amount) => isIn(amount, range));

/** Whether a number is one of a range. */
export const isIn = (amount: number, { from, to, step, isMade }: Range): boolean =>
  amount >= from && amount <= to && (amount - (isMade ? 0 : from)) % step === 0;

/** Whether a number that comes out lies in a range, and is no finer than what is told there. */
export function isWithin(amount: number, range: Range): boolean {
  const { from, to, step, notation, isMade } = range;
  if (isMade) return isIn(amount, range);
  if (amount < Math.min(from, step) || amount > to) return false;
  if (notation === 'money') return (amount * 100) % SCALE === 0;
  return !isWhole(step) || !isWhole(from) || isWhole(amount);
}

/** The numbers of a told quantity; of one whose numbers come out of the others, none is listed. */
export const valuesOf = (told: Told): number[] =>
  told.isWorded ? wordedValues(told) : told.isMade ? [] : valuesIn(told);

/** The numbers of a range. */
export function valuesIn({ from, to, step }: Range): number[] {
  const count = Math.floor((to - from) / step) + 1;
  return Array.from({ length: count }, (_, at) => from + at * step);
}
