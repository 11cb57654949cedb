import { digitAt, fromDigits, toDigits } from '../../../numbers';
import { whole, type Replacement, type Step } from '../../../working';
import type { ErrorPattern } from '../../skill';
import { factorsOf, type Factors, type Given } from './operands';
import { rowSteps, type RowTotal } from './working';

type Replacements = Record<string, Replacement>;

const CARRYING = { carries: { min: 1 } };

/** The error patterns of long multiplication in the order of the catalogue. */
export const errorPatterns: readonly ErrorPattern<Given>[] = [
  pattern('placeholder-missing', {}, placeholderMissing),
  pattern('carry-dropped', CARRYING, carryDropped),
  pattern('carry-added-before-multiplying', CARRYING, carryAddedFirst),
  pattern('old-carries-reused', CARRYING, oldCarriesReused),
  pattern('digit-by-digit-only', { digits: 2, multiplierDigits: 2 }, digitByDigit),
  pattern('zero-times-n-is-n', { zeros: { min: 1 } }, zeroTimesN),
  pattern('rows-not-added', {}, rowsNotAdded)
];

function pattern(
  id: string,
  shownBy: ErrorPattern['shownBy'],
  build: (factors: Factors) => Replacements | undefined
): ErrorPattern<Given> {
  return { id, shownBy, replacements: (given) => build(factorsOf(given)) };
}

const constant = (value: number): Replacement => ({ uses: [], rule: () => BigInt(value) });

function rulesOf(steps: readonly Step[]): Replacements {
  return Object.fromEntries(
    steps.map(({ id, uses, rule, accepts }) => [id, { uses, rule, ...(accepts && { accepts }) }])
  );
}

function allRows(factors: Factors, total: RowTotal): Replacements {
  return rulesOf(factors.multiplier.flatMap((_, row) => rowSteps(factors, row, total)));
}

/** Every row starts in the ones; its first figures stand where the placeholders should. */
function placeholderMissing({ multiplicand, multiplier }: Factors): Replacements {
  const n = multiplicand.length;
  return Object.fromEntries(
    multiplier.flatMap((m, row) => {
      if (row === 0) return [];
      const figures = toDigits(fromDigits(multiplicand) * BigInt(m));
      return Array.from({ length: row + n + 1 }, (_, place) => [
        `row.${row}.${place < row ? 'placeholder' : 'digit'}.${place}`,
        constant(digitAt(figures, place))
      ]);
    })
  );
}

function carryDropped({ multiplicand, multiplier }: Factors): Replacements {
  return Object.fromEntries(
    multiplier.flatMap((_, row) =>
      multiplicand.slice(1).map((_, j) => [`row.${row}.carry.${row + j + 1}`, constant(0)])
    )
  );
}

function carryAddedFirst(factors: Factors): Replacements {
  return allRows(
    factors,
    (row, column, carry) =>
      (BigInt(factors.multiplicand[column]!) + carry) * BigInt(factors.multiplier[row]!)
  );
}

/** The marks of the first row still stand above the multiplicand and are added once more in later rows. */
function oldCarriesReused(factors: Factors): Replacements {
  const { multiplicand, multiplier } = factors;
  return Object.fromEntries(
    multiplier.slice(1).flatMap((m, at) => {
      const row = at + 1;
      const usual = rowSteps(
        factors,
        row,
        (_, column, carry) => BigInt(multiplicand[column]! * m) + carry
      );
      return usual.flatMap((step): [string, Replacement][] => {
        const column =
          step.kind === 'carry'
            ? step.place! - row - 1
            : Math.min(step.place! - row, multiplicand.length - 1);
        if (step.kind === 'placeholder' || column < 1) return [];
        const mark = `row.0.carry.${column}`;
        const rule: Replacement['rule'] = (get) => {
          const old = whole(get(mark)) ?? 0n;
          const carryId = `row.${row}.carry.${row + column}`;
          const shifted = (id: string) => (id === carryId ? (whole(get(id)) ?? 0n) + old : get(id));
          return step.rule(shifted);
        };
        return [[step.id, { uses: [...step.uses, mark], rule }]];
      });
    })
  );
}

/** Ones by ones, tens by tens; only numbers of equal length invite it. */
function digitByDigit({ multiplicand, multiplier }: Factors): Replacements | undefined {
  if (multiplicand.length !== multiplier.length) return undefined;
  return Object.fromEntries(
    multiplier.flatMap((m, row) => {
      const figures = toDigits(BigInt(multiplicand[row]! * m) * 100n ** BigInt(row));
      return Array.from({ length: multiplicand.length + 1 }, (_, j) => [
        `row.${row}.digit.${row + j}`,
        constant(digitAt(figures, row + j))
      ]);
    })
  );
}

function zeroTimesN(factors: Factors): Replacements {
  return allRows(factors, (row, column, carry) => {
    const d = factors.multiplicand[column]!;
    const m = factors.multiplier[row]!;
    return BigInt(d === 0 || m === 0 ? d + m : d * m) + carry;
  });
}

function rowsNotAdded({ multiplicand, multiplier }: Factors): Replacements {
  const row = multiplier.length - 1;
  const places = multiplicand.length + multiplier.length;
  return Object.fromEntries(
    Array.from({ length: places }, (_, place) => {
      const copied = `row.${row}.${place < row ? 'placeholder' : 'digit'}.${place}`;
      return [
        `sum.digit.${place}`,
        { uses: [copied], rule: (get) => get(copied) } satisfies Replacement
      ];
    })
  );
}
