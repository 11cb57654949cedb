import { digitAt, fromDigits, toDigits } from '../../../numbers';
import { map, whole, type Graph, type Replacement, type Rule } from '../../../working';
import type { ErrorPattern } from '../../skill';
import { columnsOf, type Columns, type Given } from './operands';
import { partsOf, subtractionGraph, tookTen, type School } from './working';

type Replacements = Record<string, Replacement>;

const REGROUPING = { regroupings: { min: 1 } };
const ACROSS = { acrossZeros: { min: 1 } };
const TOP_ZERO = { regroupings: { min: 1 }, zeros: { min: 1 } };

/** The error patterns of column subtraction in the order of the catalogue (Brown & Burton 1978; VanLehn 1990). */
export const errorPatterns: readonly ErrorPattern<Given>[] = [
  pattern('smaller-from-larger', REGROUPING, smallerFromLarger),
  pattern('no-decrement', REGROUPING, noDecrement),
  { ...pattern('stops-at-zero', ACROSS, stopsAtZero), schools: ['decomposition'] },
  { ...pattern('skips-zero', ACROSS, skipsZero), schools: ['decomposition'] },
  pattern('zero-minus-n-is-n', TOP_ZERO, (columns, school) =>
    zeroMinusN(columns, school, (n) => n)
  ),
  pattern('zero-minus-n-is-zero', TOP_ZERO, (columns, school) =>
    zeroMinusN(columns, school, () => 0n)
  ),
  pattern('always-regroups', { digits: { min: 2 } }, alwaysRegroups),
  pattern('aligned-left', { digits: 3, shortest: { max: 2 } }, alignedLeft),
  pattern('adds-instead', {}, addsInstead)
];

function pattern(
  id: string,
  shownBy: ErrorPattern['shownBy'],
  build: (columns: Columns, school: School) => Replacements | undefined
): ErrorPattern<Given> {
  return { id, shownBy, replacements: (given, graph) => build(columnsOf(given), schoolOf(graph)) };
}

function schoolOf(graph: Graph): School {
  return graph.steps.some(({ kind }) => kind === 'rewritten') ? 'decomposition' : 'equal-additions';
}

const constant = (value: bigint | undefined): Replacement => ({ uses: [], rule: () => value });

function smallerFromLarger(columns: Columns, school: School): Replacements {
  const { top, bottom } = columns;
  return {
    ...untouched(columns, school),
    ...byColumn(top, (p) => [`digit.${p}`, constant(BigInt(Math.abs(top[p]! - bottom[p]!)))])
  };
}

/** Nothing is rewritten, raised or increased. */
function untouched({ top, bottom }: Columns, school: School): Replacements {
  if (school === 'decomposition') {
    return byColumn(top, (p) => [`rewritten.${p}`, constant(BigInt(top[p]!))]);
  }
  return {
    ...byColumn(top, (p) => [`raised.${p}`, constant(BigInt(top[p]!))]),
    ...neverIncreased({ top, bottom })
  };
}

function neverIncreased({ top, bottom }: Columns): Replacements {
  return byColumn(top, (p) =>
    p === 0 ? undefined : [`increased.${p}`, constant(BigInt(bottom[p]!))]
  );
}

function noDecrement(columns: Columns, school: School): Replacements {
  const { top, bottom } = columns;
  if (school === 'equal-additions') return neverIncreased(columns);
  return byColumn(top, (p) => [
    `rewritten.${p}`,
    constant(BigInt(top[p]! < bottom[p]! ? top[p]! + 10 : top[p]!))
  ]);
}

/** A zero from which a ten was taken becomes 9 and takes nothing itself; any other taking gives 10 or more. */
function stopsAtZero({ top, bottom }: Columns): Replacements {
  return byColumn(top, (p) => {
    const rule: Rule = (get) => {
      const before = p === 0 ? 0n : whole(get(`rewritten.${p - 1}`));
      return map(before, (value) => {
        const taken = value >= 10n;
        if (taken && top[p] === 0) return 9n;
        const stands = BigInt(top[p]!) - (taken ? 1n : 0n);
        return stands < BigInt(bottom[p]!) ? stands + 10n : stands;
      });
    };
    return [`rewritten.${p}`, { uses: p === 0 ? [] : [`rewritten.${p - 1}`], rule }];
  });
}

/** Each ten comes from the first digit to the left that is not 0 then; stuck if there is none. */
function skipsZero({ top, bottom }: Columns): Replacements | undefined {
  const stands = [...top];
  for (let p = 0; p < stands.length; p++) {
    if (stands[p]! >= bottom[p]!) continue;
    const giver = stands.findIndex((digit, q) => q > p && digit > 0);
    if (giver < 0) return undefined;
    stands[giver]!--;
    stands[p]! += 10;
  }
  return byColumn(top, (p) => [`rewritten.${p}`, constant(BigInt(stands[p]!))]);
}

/** Only where the minuend prints 0, something is to be subtracted, and nothing was taken from it. */
function zeroMinusN(columns: Columns, school: School, answer: (n: bigint) => bigint): Replacements {
  const { top, bottom } = columns;
  const kind = school === 'decomposition' ? 'rewritten' : 'raised';
  const graph = subtractionGraph(columns, school);
  const usual = new Map(graph.steps.map((step) => [step.id, step]));
  return byColumns(top, (p) => {
    if (top[p] !== 0 || bottom[p] === 0) return [];
    const { uses } = partsOf(columns, p, school);
    const before = p === 0 ? [] : [`${kind}.${p - 1}`];
    const isUntaken = (get: Parameters<Rule>[0]) => tookTen(get, kind, top, p - 1) === 0n;
    const mark = usual.get(`${kind}.${p}`)!;
    const digit = usual.get(`digit.${p}`)!;
    return [
      [
        mark.id,
        { uses: [...mark.uses, ...before], rule: (get) => (isUntaken(get) ? 0n : mark.rule(get)) }
      ],
      [
        digit.id,
        {
          uses: [...uses, ...before],
          rule: (get) => (isUntaken(get) ? answer(BigInt(bottom[p]!)) : digit.rule(get))
        }
      ]
    ];
  });
}

function alwaysRegroups({ top, bottom }: Columns, school: School): Replacements {
  const last = top.length - 1;
  const ten = (p: number) => (p < last ? 10 : 0);
  const one = (p: number) => (p > 0 ? 1 : 0);
  if (school === 'decomposition') {
    return byColumn(top, (p) => [`rewritten.${p}`, constant(BigInt(top[p]! - one(p) + ten(p)))]);
  }
  return byColumns(top, (p) => [
    [`raised.${p}`, constant(BigInt(top[p]! + ten(p)))],
    ...(p > 0
      ? [[`increased.${p}`, constant(BigInt(bottom[p]! + 1))] as [string, Replacement]]
      : [])
  ]);
}

function alignedLeft({ top, bottom }: Columns, school: School): Replacements | undefined {
  const length = bottom.findLastIndex((digit) => digit > 0) + 1;
  const shift = top.length - length;
  if (shift === 0) return {};
  const shifted = { top, bottom: top.map((_, p) => (p < shift ? 0 : bottom[p - shift]!)) };
  if (fromDigits(shifted.top) < fromDigits(shifted.bottom)) return undefined;
  return Object.fromEntries(
    subtractionGraph(shifted, school).steps.map(({ id, uses, rule }) => [id, { uses, rule }])
  );
}

function addsInstead(columns: Columns, school: School): Replacements {
  const { top, bottom } = columns;
  const sum = toDigits(fromDigits(top) + fromDigits(bottom));
  const last = top.length - 1;
  return {
    ...untouched(columns, school),
    ...byColumn(top, (p) => [
      `digit.${p}`,
      constant(p < last ? BigInt(sum[p]!) : BigInt(digitAt(sum, p) + 10 * digitAt(sum, p + 1)))
    ])
  };
}

function byColumn(
  top: Columns['top'],
  build: (p: number) => [string, Replacement] | undefined
): Replacements {
  return byColumns(top, (p) => {
    const one = build(p);
    return one ? [one] : [];
  });
}

function byColumns(
  top: Columns['top'],
  build: (p: number) => [string, Replacement][]
): Replacements {
  return Object.fromEntries(top.flatMap((_, p) => build(p)));
}
