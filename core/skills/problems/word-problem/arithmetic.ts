import type { Operation } from '../../../skill/card';
import { isWhole, placesOf, printAmount, SCALE, type Notation } from './amount';

/** The skills by which the calculations of problems are worked, by operation. */
export const arithmetic = {
  addition: ['column-addition', 'decimal-addition', 'mixed-addition'],
  subtraction: ['column-subtraction', 'decimal-subtraction', 'mixed-subtraction'],
  multiplication: ['short-multiplication', 'long-multiplication', 'decimal-multiplication'],
  division: ['short-division', 'long-division', 'decimal-division']
} as const satisfies Record<Operation, readonly string[]>;

export type ArithmeticSkill = (typeof arithmetic)[Operation][number];

export const arithmeticSkills: readonly ArithmeticSkill[] = Object.values(arithmetic).flat();

/** Two numbers, or more that are added, and what is done with them. */
export interface Sum {
  readonly operation: Operation;
  readonly amounts: readonly number[];
  readonly notation: Notation;
}

/** The largest divisor of short division; 11 and 12 are divided by either way, and so by the short one. */
const SHORT_DIVISOR = 12;

/** Figures of a number without the zeros before them, and without its point. */
function figuresIn(amount: number): number {
  return digitsIn(Math.round(amount * 10 ** (placesOf(amount) ?? 0)));
}

/** Whole digits of a number, one at least. */
function digitsIn(amount: number): number {
  let digits = 1;
  for (let rest = amount / SCALE; rest >= 10; rest /= 10) digits++;
  return digits;
}

/**
 * The skill by which a calculation is worked, with numbers within its limits; undefined where there is none. They are
 * the limits that the skills themselves have (a test holds them against each other), written so that many pairs of
 * numbers are quickly gone through.
 */
export function skillFor({ operation, amounts, notation }: Sum): ArithmeticSkill | undefined {
  if (notation === 'mixed' && !amounts.every(isWhole)) {
    const isAdded = operation === 'addition';
    if (!isAdded && operation !== 'subtraction') return undefined;
    return amounts.length === 2 && amounts.every(isMixed)
      ? `mixed-${isAdded ? 'addition' : 'subtraction'}`
      : undefined;
  }
  const areWhole = amounts.every(isWhole);
  switch (operation) {
    case 'addition':
      return areWhole ? 'column-addition' : inColumns(amounts) ? 'decimal-addition' : undefined;
    case 'subtraction':
      if (amounts[0]! <= amounts[1]!) return undefined;
      return areWhole
        ? 'column-subtraction'
        : inColumns(amounts)
          ? 'decimal-subtraction'
          : undefined;
    case 'multiplication':
      return areWhole ? multiplied(amounts) : decimalProduct(amounts);
    case 'division':
      return areWhole ? (divided(amounts) ?? decimalQuotient(amounts)) : decimalQuotient(amounts);
  }
}

const isMixed = (amount: number): boolean => {
  const [, bottom = '1'] = printAmount(amount, 'mixed').split('/');
  return amount > 0 && amount < 100 * SCALE && Number(bottom) <= 24;
};

const inColumns = (amounts: readonly number[]): boolean =>
  amounts.every((amount) => amount > 0 && placesOf(amount) !== undefined && digitsIn(amount) <= 5);

/** The factors with the one of more figures first. */
const longerFirst = (amounts: readonly number[]): readonly number[] =>
  figuresIn(amounts[0]!) >= figuresIn(amounts[1]!) ? amounts : amounts.toReversed();

function multiplied(amounts: readonly number[]): ArithmeticSkill | undefined {
  const [one, other] = longerFirst(amounts).map(digitsIn) as [number, number];
  const smaller = Math.min(...amounts) / SCALE;
  if (other === 1) return smaller > 1 && one >= 2 && one <= 6 ? 'short-multiplication' : undefined;
  return one <= 4 && other <= 3 ? 'long-multiplication' : undefined;
}

const isPowerOfTen = (amount: number): boolean =>
  Number.isInteger(Math.log10(Math.round((amount / SCALE) * 10 ** (placesOf(amount) ?? 0))));

function decimalProduct(amounts: readonly number[]): ArithmeticSkill | undefined {
  const [one, other] = longerFirst(amounts) as [number, number];
  const fits = (amount: number, digits: number) =>
    (placesOf(amount) ?? Infinity) <= 3 && figuresIn(amount) <= digits && !isPowerOfTen(amount);
  return fits(one, 4) && fits(other, 3) ? 'decimal-multiplication' : undefined;
}

function divided([dividend, divisor]: readonly number[]): ArithmeticSkill | undefined {
  const by = divisor! / SCALE;
  const digits = digitsIn(dividend!);
  if (dividend! < 2 * divisor! || by < 2 || by > 99 || digits < 2 || digits > 6) return undefined;
  if (by <= SHORT_DIVISOR) return 'short-division';
  return digits >= 3 ? 'long-division' : undefined;
}

/** A quotient of decimals that ends within three places; whole numbers are divided with a remainder instead. */
function decimalQuotient([dividend, divisor]: readonly number[]): ArithmeticSkill | undefined {
  if (isWhole(dividend!) && isWhole(divisor!)) return undefined;
  const places = [placesOf(dividend!) ?? Infinity, placesOf(divisor!) ?? Infinity];
  const by = Math.round((divisor! / SCALE) * 10 ** places[1]!);
  const quotient = (dividend! * SCALE) / divisor!;
  const ends = Number.isInteger(quotient) && (placesOf(quotient) ?? Infinity) <= 3;
  const fits =
    places[0]! <= 3 && places[1]! <= 2 && figuresIn(dividend!) <= 5 && by >= 2 && by <= 99;
  return ends && fits && !isPowerOfTen(divisor!) ? 'decimal-division' : undefined;
}

/** What a calculation comes to; of a division that does not go, the quotient and what is left. */
export interface Outcome {
  readonly value: number;
  readonly left: number;
}

/** Works a calculation; undefined where it comes to nothing, or to what is too fine. */
export function outcomeOf({ operation, amounts }: Sum): Outcome | undefined {
  const [one, other] = amounts as [number, number];
  const exact = (value: number) =>
    value > 0 && Number.isSafeInteger(value) ? { value, left: 0 } : undefined;
  switch (operation) {
    case 'addition':
      return exact(amounts.reduce((sum, amount) => sum + amount, 0));
    case 'subtraction':
      return exact(one - other);
    case 'multiplication':
      return exact((one * other) / SCALE);
    case 'division': {
      if (isWhole(one) && isWhole(other) && one % other !== 0) {
        const value = Math.floor(one / other) * SCALE;
        return value > 0 ? { value, left: one - (value / SCALE) * other } : undefined;
      }
      return exact((one * SCALE) / other);
    }
  }
}

/** The numbers of a calculation as its skill writes them: all amounts with two places where one of them keeps a zero. */
export function operandsOf({ operation, amounts, notation }: Sum): string[] {
  const isInOrder = operation !== 'multiplication';
  const ordered = isInOrder ? amounts : longerFirst(amounts);
  const isSum = operation === 'addition' || operation === 'subtraction';
  const areWhole = amounts.every(isWhole);
  return ordered.map((amount) => {
    if (notation !== 'money' || !isSum || areWhole) {
      return printAmount(amount, notation === 'money' ? 'number' : notation);
    }
    return (amount / SCALE).toFixed(2);
  });
}
