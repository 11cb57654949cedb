import { takingWords } from '../../../house-style';
import { digitAt, fromDigits, toDigits } from '../../../numbers';
import { constant, rulesOf, using, type Replacement, type Replacements } from '../../../working';
import { pattern } from '../../define';
import type { ErrorPattern } from '../../skill';
import { columnsOf, type Columns, type Given, type School } from './operands';
import { subtractionSteps } from './working';

type Rules = Record<string, Replacement>;
type Build = (columns: Columns, school: School) => Replacements | undefined;

const REGROUPING = { regroupings: { min: 1 } };
const ACROSS = { acrossZeros: { min: 1 } };
const TOP_ZERO = { regroupings: { min: 1 }, zeros: { min: 1 } };
const DECOMPOSITION = ['decomposition'];

const built =
  (build: Build): ErrorPattern<Given>['instead'] =>
  (given, _graph, school) =>
    build(columnsOf(given), school as School);

/** The error patterns of column subtraction in the order of the catalogue (Brown & Burton 1978; VanLehn 1990). */
export const errorPatterns = {
  'smaller-from-larger': pattern(
    'Smaller from larger',
    'In each column the smaller digit is taken from the larger.',
    built((columns, school) => ({
      ...untouched(columns, school),
      ...byColumn(columns, (top, bottom, p) => ({
        [`digit.${p}`]: constant(Math.abs(top - bottom))
      }))
    })),
    REGROUPING
  ),
  'no-decrement': pattern(
    'Neighbour not reduced',
    'Takes a ten but never reduces the neighbour.',
    built((columns, school) =>
      school === 'equal-additions'
        ? neverIncreased(columns)
        : byColumn(columns, (top, bottom, p) => ({
            [`rewritten.${p}`]: constant(top < bottom ? top + 10 : top)
          }))
    ),
    REGROUPING
  ),
  'stops-at-zero': pattern(
    'Stops at zero',
    'The adjacent zero becomes 9 and nothing further left changes.',
    built((columns) => passingZeros(columns, 9n)),
    ACROSS,
    DECOMPOSITION
  ),
  'skips-zero': pattern(
    'Skips zero',
    'Takes from the first digit beyond that is not 0 and leaves the zero 0.',
    built(skipsZero),
    ACROSS,
    DECOMPOSITION
  ),
  'zero-minus-n-is-n': pattern(
    'Zero minus n is n',
    'Under a printed 0 the digit is copied.',
    built((columns, school) => zeroMinusN(columns, school, (n) => n)),
    TOP_ZERO
  ),
  'zero-minus-n-is-zero': pattern(
    'Zero minus n is zero',
    'Under a printed 0 the answer is 0.',
    built((columns, school) => zeroMinusN(columns, school, () => 0)),
    TOP_ZERO
  ),
  'always-regroups': pattern(
    (style) => `Always ${takingWords(style).acts}`,
    'Every column but the leftmost gets ten from its neighbour, needed or not.',
    built(alwaysRegroups),
    { digits: { min: 2 } }
  ),
  'aligned-left': pattern(
    'Aligned left',
    'Numbers of unequal length are lined up at the left.',
    built(alignedLeft),
    { digits: 3, shortest: { max: 2 } }
  ),
  'adds-instead': pattern('Adds instead', 'The numbers are added.', built(addsInstead)),
  'zero-becomes-ten': pattern(
    'Zero becomes ten',
    'A zero that is passed becomes ten and stays ten.',
    built((columns) => passingZeros(columns, 10n)),
    ACROSS,
    DECOMPOSITION
  )
};

/** Rules for each column, from its digits. */
function byColumn(
  { top, bottom }: Columns,
  rules: (top: number, bottom: number, p: number) => Rules
): Rules {
  return Object.assign({}, ...top.map((digit, p) => rules(digit, bottom[p]!, p))) as Rules;
}

/** Nothing is rewritten, raised or increased. */
function untouched(columns: Columns, school: School): Rules {
  const above = school === 'decomposition' ? 'rewritten' : 'raised';
  return {
    ...byColumn(columns, (top, _, p) => ({ [`${above}.${p}`]: constant(top) })),
    ...(school === 'equal-additions' && neverIncreased(columns))
  };
}

function neverIncreased(columns: Columns): Rules {
  return byColumn(columns, (_, bottom, p) =>
    p === 0 ? {} : { [`increased.${p}`]: constant(bottom) }
  );
}

/**
 * A zero from which a ten was taken becomes 9, and then takes nothing itself, or becomes 10; any other taking
 * gives 10 or more.
 */
function passingZeros(columns: Columns, becomes: 9n | 10n): Rules {
  return byColumn(columns, (top, bottom, p) => {
    const stands = (before: bigint) => {
      const isTaken = before >= 10n;
      if (isTaken && top === 0) return becomes;
      const left = BigInt(top) - (isTaken ? 1n : 0n);
      return left < BigInt(bottom) ? left + 10n : left;
    };
    const rule = p === 0 ? constant(stands(0n)) : using([`rewritten.${p - 1}`], stands);
    return { [`rewritten.${p}`]: rule };
  });
}

/** Each ten comes from the first digit to the left that is not 0 then; stuck if there is none. */
function skipsZero({ top, bottom }: Columns): Rules | undefined {
  const stands = [...top];
  for (let p = 0; p < stands.length; p++) {
    if (stands[p]! >= bottom[p]!) continue;
    const giver = stands.findIndex((digit, q) => q > p && digit > 0);
    if (giver < 0) return undefined;
    stands[giver]!--;
    stands[p]! += 10;
  }
  return byColumn({ top, bottom }, (_top, _bottom, p) => ({
    [`rewritten.${p}`]: constant(stands[p]!)
  }));
}

/** Only where the minuend prints 0, something is to be subtracted, and nothing was taken from it. */
function zeroMinusN(columns: Columns, school: School, answer: (n: number) => number): Rules {
  const above = school === 'decomposition' ? 'rewritten' : 'raised';
  const usual = rulesOf(subtractionSteps(columns, school));
  return byColumn(columns, (top, bottom, p) => {
    if (top !== 0 || bottom === 0) return {};
    const before = `${above}.${p - 1}`;
    /** The value where nothing was taken from this zero; the usual rule where something was. */
    const unlessTaken = (id: string, value: bigint): Rules => {
      const { uses, rule } = usual[id]!;
      if (p === 0) return { [id]: constant(value) };
      const printed = BigInt(columns.top[p - 1]!);
      return {
        [id]: {
          uses: [...uses, before],
          rule: (get) => {
            const neighbour = get(before);
            if (typeof neighbour !== 'bigint') return undefined;
            return neighbour > printed ? rule(get) : value;
          }
        }
      };
    };
    return {
      ...unlessTaken(`${above}.${p}`, 0n),
      ...unlessTaken(`digit.${p}`, BigInt(answer(bottom)))
    };
  });
}

function alwaysRegroups(columns: Columns, school: School): Rules {
  const last = columns.top.length - 1;
  const ten = (p: number) => (p < last ? 10 : 0);
  const one = (p: number) => (p > 0 ? 1 : 0);
  return byColumn(columns, (top, bottom, p): Rules => {
    if (school === 'decomposition') {
      return { [`rewritten.${p}`]: constant(top - one(p) + ten(p)) };
    }
    return {
      [`raised.${p}`]: constant(top + ten(p)),
      ...(p > 0 && { [`increased.${p}`]: constant(bottom + 1) })
    };
  });
}

function alignedLeft({ top, bottom }: Columns, school: School): Replacements | undefined {
  const length = bottom.findLastIndex((digit) => digit > 0) + 1;
  const shift = top.length - length;
  if (shift === 0) return {};
  const shifted = { top, bottom: top.map((_, p) => (p < shift ? 0 : bottom[p - shift]!)) };
  if (fromDigits(shifted.top) < fromDigits(shifted.bottom)) return undefined;
  return rulesOf(subtractionSteps(shifted, school));
}

function addsInstead(columns: Columns, school: School): Rules {
  const { top, bottom } = columns;
  const sum = toDigits(fromDigits(top) + fromDigits(bottom));
  const last = top.length - 1;
  return {
    ...untouched(columns, school),
    ...byColumn(columns, (_top, _bottom, p) => ({
      [`digit.${p}`]: constant(p < last ? sum[p]! : digitAt(sum, p) + 10 * digitAt(sum, p + 1))
    }))
  };
}
