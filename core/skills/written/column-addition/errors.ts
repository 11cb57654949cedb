import { map, whole, type Graph, type Replacement } from '../../../working';
import type { ErrorPattern } from '../../skill';
import { addendDigits, columnsOf, leftAlignedColumns, total, type Given } from './columns';
import { columnGraph, columnTotal } from './working';

type Columns = readonly (readonly number[])[];
type Replacements = Record<string, Replacement>;

const CARRYING = { carries: { min: 1 } };
/** Three digits over one or two: unequal lengths without asking for long numbers; of many, two would be longest. */
const UNEQUAL = { addends: 2, digits: 3, shortest: { max: 2 } };

const ZERO: Replacement = { uses: [], rule: () => 0n };

/** The error patterns of column addition in the order of the catalogue, in any base. */
export function errorPatterns(base = 10): ErrorPattern<Given>[] {
  const radix = BigInt(base);
  const onColumns = (build: (columns: Columns, radix: bigint) => Replacements) => (given: Given) =>
    build(columnsOf(addendDigits(given, base)), radix);
  return [
    { id: 'carry-dropped', shownBy: CARRYING, replacements: onColumns(carryDropped) },
    { id: 'total-written-whole', shownBy: CARRYING, replacements: onColumns(totalWrittenWhole) },
    {
      id: 'carry-and-digit-swapped',
      shownBy: CARRYING,
      replacements: onColumns(carryAndDigitSwapped)
    },
    { id: 'left-to-right', shownBy: CARRYING, replacements: onColumns(leftToRight) },
    { id: 'aligned-left', shownBy: UNEQUAL, replacements: (given) => alignedLeft(given, base) },
    {
      id: 'last-carry-dropped',
      shownBy: { newColumn: true },
      replacements: onColumns(lastCarryDropped)
    },
    { id: 'lone-digit-dropped', shownBy: UNEQUAL, replacements: onColumns(loneDigitDropped) }
  ];
}

function carryDropped(columns: Columns): Replacements {
  return Object.fromEntries(
    places(columns)
      .slice(1)
      .map((p) => [`carry.${p}`, ZERO])
  );
}

function totalWrittenWhole(columns: Columns): Replacements {
  return Object.fromEntries(
    places(columns).flatMap((p) => [
      [`digit.${p}`, { uses: [], rule: () => BigInt(total(columns[p]!)) }],
      [`carry.${p + 1}`, ZERO]
    ])
  );
}

/** A total below ten has nothing to swap and is written as it is. */
function carryAndDigitSwapped(columns: Columns, radix: bigint): Replacements {
  return Object.fromEntries(
    places(columns)
      .slice(0, -1)
      .flatMap((p) => {
        const sum = columnTotal(columns, p);
        const uses = p === 0 ? [] : [`carry.${p}`];
        const swapped: Replacement = {
          uses,
          rule: (get) => map(sum(get), (value) => (value < radix ? value : value / radix))
        };
        const carried: Replacement = {
          uses,
          rule: (get) => map(sum(get), (value) => (value < radix ? 0n : value % radix))
        };
        return [
          [`digit.${p}`, swapped],
          [`carry.${p + 1}`, carried]
        ];
      })
  );
}

/**
 * The passed ten enters the next column to the right, so carry.p comes from column p+1. What enters the
 * ones has no square of its own and is computed inside digit.0.
 */
function leftToRight(columns: Columns, radix: bigint): Replacements {
  const n = columns.length;
  if (n === 1) return {};
  const passedInto = (p: number): Replacement =>
    p === n - 1
      ? ZERO
      : {
          uses: p + 1 < n - 1 ? [`carry.${p + 1}`] : [],
          rule: (get) => {
            const passed = p + 1 < n - 1 ? whole(get(`carry.${p + 1}`)) : 0n;
            return map(passed, (value) => (BigInt(total(columns[p + 1]!)) + value) / radix);
          }
        };
  const digit = (p: number): Replacement => ({
    uses: [`carry.${p}`],
    rule: (get) =>
      map(whole(get(`carry.${p}`)), (value) => (BigInt(total(columns[p]!)) + value) % radix)
  });
  const intoOnes = passedInto(0);
  const ones: Replacement = {
    uses: intoOnes.uses,
    rule: (get) => map(whole(intoOnes.rule(get)), (value) => BigInt(total(columns[0]!)) + value)
  };
  return Object.fromEntries([
    ['digit.0', ones],
    ...places(columns)
      .slice(1)
      .flatMap((p): [string, Replacement][] => [
        [`carry.${p}`, passedInto(p)],
        [`digit.${p}`, digit(p)]
      ]),
    [`carry.${n}`, ZERO]
  ]);
}

function alignedLeft(given: Given, base: number): Replacements {
  const addends = addendDigits(given, base);
  if (addends.every((digits) => digits.length === addends[0]!.length)) return {};
  return rulesOf(columnGraph(leftAlignedColumns(addends), base));
}

function lastCarryDropped(columns: Columns): Replacements {
  return { [`carry.${columns.length}`]: ZERO };
}

/** The last total is that of the last column in which at least two addends have a digit. */
function loneDigitDropped(columns: Columns): Replacements {
  const n = columns.length;
  const stop = columns.findIndex((column) => column.length === 1);
  if (stop < 1) return {};
  const copy: Replacement = { uses: [`carry.${stop}`], rule: (get) => get(`carry.${stop}`) };
  return Object.fromEntries([
    [`digit.${stop}`, copy],
    ...places(columns)
      .filter((p) => p >= stop)
      .flatMap((p): [string, Replacement][] => [
        [`carry.${p + 1}`, ZERO],
        ...(p + 1 < n ? [[`digit.${p + 1}`, ZERO] as [string, Replacement]] : [])
      ])
  ]);
}

function places(columns: Columns): number[] {
  return columns.map((_, place) => place);
}

function rulesOf(graph: Graph): Replacements {
  return Object.fromEntries(graph.steps.map(({ id, uses, rule }) => [id, { uses, rule }] as const));
}
