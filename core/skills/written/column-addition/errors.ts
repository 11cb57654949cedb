import { placeName } from '../../../house-style';
import { constant, rulesOf, using, type Replacement, type Replacements } from '../../../working';
import { inSettingOut, pattern } from '../../../skill/define';
import {
  addendDigits,
  columnsOf,
  leftAlignedColumns,
  total,
  type Given
} from '../../../methods/columns/sum/columns';
import { carriesDropped, noCarries, totalsWritten } from '../../../methods/columns/sum/errors';
import { columnRule, columnSteps } from '../../../methods/columns/sum/working';

type Columns = readonly (readonly number[])[];
type Rules = Record<string, Replacement>;

const CARRYING = { carries: { min: 1 } };
/** Three digits over one or two: unequal lengths without asking for long numbers; of many, two would be longest. */
const UNEQUAL = { addends: 2, digits: 3, shortest: { max: 2 } };

/** The error patterns of column addition in the order of the catalogue, in any base. */
export function errorPatterns(base = 10) {
  const onColumns = (build: (columns: Columns, radix: bigint) => Replacements) => (given: Given) =>
    build(columnsOf(addendDigits(given, base)), BigInt(base));
  return {
    'carry-dropped': pattern(
      'Carry dropped',
      'Every carry is ignored; the leftmost total is written whole.',
      onColumns((columns) => carriesDropped(columns)),
      CARRYING
    ),
    'total-written-whole': pattern(
      'Total written whole',
      'Each column’s own total is written whole and nothing is carried.',
      onColumns((columns) => totalsWritten(columns)),
      CARRYING
    ),
    'carry-and-digit-swapped': pattern(
      'Carry and digit swapped',
      (style) => `The tens of a total are written down and its ${placeName(0, style)} are carried.`,
      onColumns(carryAndDigitSwapped),
      CARRYING
    ),
    'left-to-right': pattern(
      'Left to right',
      'Starts at the left and passes each ten to the column on the right.',
      onColumns(leftToRight),
      CARRYING
    ),
    'aligned-left': inSettingOut(
      pattern(
        'Aligned left',
        'Numbers of unequal length are lined up at the left.',
        (given: Given) => alignedLeft(given, base),
        UNEQUAL
      )
    ),
    'last-carry-dropped': pattern(
      'Last carry dropped',
      'Only the carry out of the leftmost column is lost.',
      onColumns((columns) => noCarries([columns.length])),
      { newColumn: true }
    ),
    'lone-digit-dropped': pattern(
      'Lone digit dropped',
      'Stops where only one number has a digit left.',
      onColumns(loneDigitDropped),
      UNEQUAL
    )
  };
}

function eachColumn(
  columns: Columns,
  rules: (column: readonly number[], p: number) => Rules
): Rules {
  return Object.assign({}, ...columns.map(rules)) as Rules;
}

/** A total below ten has nothing to swap and is written as it is. */
function carryAndDigitSwapped(columns: Columns, radix: bigint): Rules {
  return eachColumn(columns.slice(0, -1), (_, p) => ({
    [`digit.${p}`]: columnRule(columns, p, (sum) => (sum < radix ? sum : sum / radix)),
    [`carry.${p + 1}`]: columnRule(columns, p, (sum) => (sum < radix ? 0n : sum % radix))
  }));
}

/**
 * The passed ten enters the next column to the right, so carry.p comes from column p+1. What enters the
 * ones has no square of its own and is computed inside digit.0.
 */
function leftToRight(columns: Columns, radix: bigint): Rules {
  const n = columns.length;
  if (n === 1) return {};
  const own = (p: number) => BigInt(total(columns[p]!));
  /** A rule over what a column comes to with the ten passed into it. */
  const over = (p: number, rule: (sum: bigint) => bigint): Replacement =>
    p === n - 1 ? constant(rule(own(p))) : using([`carry.${p}`], (passed) => rule(own(p) + passed));
  const ones =
    n === 2
      ? constant(own(0) + own(1) / radix)
      : using(['carry.1'], (passed) => own(0) + (own(1) + passed) / radix);
  return {
    'digit.0': ones,
    ...eachColumn(columns.slice(1), (_, at) => {
      const p = at + 1;
      return {
        [`carry.${p}`]: p === n - 1 ? constant(0n) : over(p + 1, (sum) => sum / radix),
        [`digit.${p}`]: using([`carry.${p}`], (passed) => (own(p) + passed) % radix)
      };
    }),
    [`carry.${n}`]: constant(0n)
  };
}

function alignedLeft(given: Given, base: number): Replacements {
  const addends = addendDigits(given, base);
  if (addends.every((digits) => digits.length === addends[0]!.length)) return {};
  return rulesOf(columnSteps(leftAlignedColumns(addends), base));
}

/** The last total is that of the last column in which at least two addends have a digit. */
function loneDigitDropped(columns: Columns): Rules {
  const stop = columns.findIndex((column) => column.length === 1);
  if (stop < 1) return {};
  const later = columns.map((_, p) => p).filter((p) => p >= stop);
  return {
    ...noCarries(later.map((p) => p + 1)),
    ...Object.fromEntries(later.slice(1).map((p) => [`digit.${p}`, constant(0n)])),
    [`digit.${stop}`]: using([`carry.${stop}`], (carry) => carry)
  };
}
