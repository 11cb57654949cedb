import { pairOf, polynomial, type Product } from '../../../numbers';
import { ANSWER, type Graph, type Replacement, type Value } from '../../../working';
import type { ErrorPattern } from '../../skill';
import { isFactorable, reduced, type Given } from './quadratic';
import { isProduct, linearFactors, NONE, productOf, type Factorisation } from './readings';
import { methodOf, numberToTakeOut, schools } from './working';

type Pair = readonly [bigint, bigint];

const WITH_PAIR = schools.filter((school) => methodOf(school) !== 'cross-trial');
// With another product of the pair the halves of a split share no bracket.
const WITHOUT_GROUPS = schools.filter((school) => methodOf(school) !== 'grouping');
const BY_PAIR_ALONE = schools.filter((school) => methodOf(school) === 'product-and-sum');
const SPLITS = { factorable: true, kind: ['general'] };

/** Ways of going wrong with a quadratic, common practice; the examples of the catalogue are tested beside it. */
export const errorPatterns: readonly ErrorPattern<Given>[] = [
  {
    id: 'pair-signs-flipped',
    shownBy: SPLITS,
    replacements: (_given, graph) => withConstants(graph, (constant) => -constant)
  },
  {
    id: 'signs-all-plus',
    schools: WITHOUT_GROUPS,
    shownBy: { ...SPLITS, signs: ['-+', '+-', '--'] },
    replacements: (_given, graph) => withConstants(graph, size)
  },
  {
    id: 'product-and-sum-swapped',
    schools: WITHOUT_GROUPS.filter((school) => WITH_PAIR.includes(school)),
    // Few have a pair both ways: x² - 7x + 6 and its like, where 1 is one of the pair.
    shownBy: { ...SPLITS, signs: ['+-', '-+'], largest: { max: 30 } },
    replacements: () => ({ pair: pairRule((product, sum) => pairOf(sum, product)) })
  },
  {
    id: 'sum-not-checked',
    schools: WITH_PAIR,
    shownBy: SPLITS,
    replacements: sumNotChecked
  },
  {
    id: 'leading-dropped',
    schools: BY_PAIR_ALONE,
    shownBy: { ...SPLITS, monic: false, content: 1 },
    replacements: () => ({
      factors: {
        uses: ['pair'],
        rule: (get) => {
          const pair = get('pair') as Pair | undefined;
          return (
            pair &&
            productOf(
              1n,
              pair.map((constant) => polynomial([constant, 1n]))
            )
          );
        }
      }
    })
  },
  {
    id: 'content-lost',
    shownBy: { factorable: true, content: { min: 2 } },
    replacements: (given) => ({
      complete: { uses: ['factors'], rule: (get) => get('factors') ?? unsplitWithout(given) }
    })
  }
];

const size = (value: bigint) => (value < 0n ? -value : value);

function pairRule(find: (product: bigint, sum: bigint) => Pair | undefined): Replacement {
  return {
    uses: ['product', 'sum'],
    rule: (get) => {
      const [product, sum] = [get('product'), get('sum')];
      return typeof product === 'bigint' && typeof sum === 'bigint'
        ? find(product, sum)
        : undefined;
    }
  };
}

/** The constants that are found are changed: those of the pair, or q and s of the cross. */
function withConstants(
  { steps }: Graph,
  change: (constant: bigint) => bigint
): Record<string, Replacement> {
  const ids = steps.some(({ id }) => id === 'pair') ? ['pair'] : ['cross.q', 'cross.s'];
  const changed = (value: Value | undefined) =>
    Array.isArray(value)
      ? (value as bigint[]).map(change)
      : typeof value === 'bigint'
        ? change(value)
        : undefined;
  // The right rules are read from the steps they replace, from right values of what those use.
  return Object.fromEntries(
    steps
      .filter(({ id }) => ids.includes(id))
      .map(({ id, uses, rule }) => [
        id,
        {
          uses,
          rule: (get) =>
            changed(rule((used) => (ids.includes(used) ? changed(get(used)) : get(used))))
        }
      ])
  );
}

/** A pair that multiplies to ac, signed as it should be, whose sum is not b; the sum nearest b. */
function sumNotChecked(given: Given, graph: Graph): ReturnType<ErrorPattern['replacements']> {
  const position = (id: string) => graph.steps.findIndex((step) => step.id === id);
  const { a, b, c } = position('content') < position('factors') ? reduced(given) : given;
  const sum = BigInt(b);
  const pairs = wrongPairs(BigInt(a * c), sum);
  if (pairs.length === 0) return undefined;
  const isWrongPair = ([one, other]: Pair) =>
    pairs.some(([m, n]) => (m === one && n === other) || (m === other && n === one));
  const fromSuchPair = (written: Value) => {
    const pair = isProduct(written) ? pairBehind(written, BigInt(a)) : undefined;
    return pair !== undefined && isWrongPair(pair);
  };
  const takenOut = numberToTakeOut(given);
  const isWhole = (written: Value) =>
    isProduct(written) && written.constant === takenOut && fromSuchPair(written);
  const accepted = (id: string, accepts: Replacement['accepts']): Record<string, Replacement> => {
    const { uses, rule } = graph.steps[position(id)]!;
    return { [id]: { uses, rule, accepts } };
  };
  return {
    pair: { uses: [], rule: () => pairs[0], accepts: (written) => isWrongPair(written as Pair) },
    ...accepted('factors', fromSuchPair),
    ...accepted('complete', isWhole),
    ...accepted(ANSWER, isWhole)
  };
}

function wrongPairs(product: bigint, sum: bigint): Pair[] {
  const pairs: Pair[] = [];
  const sign = sum < 0n ? -1n : 1n;
  for (let factor = 1n; factor * factor <= size(product); factor++) {
    if (product % factor !== 0n) continue;
    // Like signs are those of the sum; of unlike ones the larger number has it.
    const pair: Pair = [
      product < 0n ? -sign * factor : sign * factor,
      sign * (size(product) / factor)
    ];
    if (pair[0] + pair[1] !== sum) pairs.push(pair);
  }
  const distance = ([one, other]: Pair) => size(one + other - sum);
  return pairs.sort((one, other) => Number(distance(one) - distance(other)));
}

/** The pair from which (ax + m)(ax + n) / a has these factors; undefined where they are none of that kind. */
function pairBehind(written: Product, a: bigint): Pair | undefined {
  const factors = linearFactors({ ...written, constant: 1n })?.factors;
  if (!factors) return undefined;
  const [m, n] = factors.map(([constant = 0n, leading = 1n]) =>
    a % leading === 0n ? (constant * a) / leading : undefined
  );
  return m === undefined || n === undefined ? undefined : [m, n];
}

/** What stands when nothing splits and what was taken out is not written again. */
function unsplitWithout(given: Given): Factorisation | undefined {
  if (isFactorable(given)) return undefined;
  const { a, b, c } = reduced(given);
  return numberToTakeOut(given) === 1n ? NONE : productOf(1n, [polynomial([c, b, a].map(BigInt))]);
}
