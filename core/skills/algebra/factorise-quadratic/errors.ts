import {
  isProduct,
  linearFactors,
  pairOf,
  polynomial,
  productOf,
  type Product,
  type Value
} from '../../../numbers';
import {
  ANSWER,
  using,
  usingAny,
  usingValues,
  type Graph,
  type Replacement,
  type Replacements
} from '../../../working';
import { pattern } from '../../../skill/define';
import { card, methodOf, type MethodName } from './card';
import { isFactorable, numberToTakeOut, reduced, type Given } from './numbers';
import type { Pair } from './splitting';
import { unsplit } from './working';

const schoolsOf = (...methods: readonly MethodName[]) =>
  Object.keys(card.schools).filter((school) => methods.includes(methodOf(school)));

const SPLITS = { factorable: true, kind: ['general'] };

/** Ways of going wrong with a quadratic, common practice; the examples of the catalogue are tested beside it. */
export const errorPatterns = {
  'pair-signs-flipped': pattern<Given>(
    'Signs of the pair flipped',
    'The right two numbers, each with the other sign.',
    (_given, graph) => withConstants(graph, (constant) => -constant),
    SPLITS
  ),
  'signs-all-plus': pattern<Given>(
    'All signs plus',
    'Both brackets are written with plus.',
    (_given, graph) => withConstants(graph, size),
    { ...SPLITS, signs: ['-+', '+-', '--'] },
    // With another product of the pair the halves of a split share no bracket.
    schoolsOf('product-and-sum', 'area-grid', 'cross-trial')
  ),
  'product-and-sum-swapped': pattern<Given>(
    'Product and sum swapped',
    'A pair that adds to the product and multiplies to the sum.',
    { pair: using(['product', 'sum'], (product, sum) => pairOf(sum, product)) },
    // Few have a pair both ways: x² - 7x + 6 and its like, where 1 is one of the pair.
    { ...SPLITS, signs: ['+-', '-+'], largest: { max: 30 } },
    schoolsOf('product-and-sum', 'area-grid')
  ),
  'sum-not-checked': pattern<Given>(
    'Sum not checked',
    'A pair with the right product and signs, but another sum.',
    sumNotChecked,
    SPLITS,
    schoolsOf('product-and-sum', 'area-grid', 'grouping')
  ),
  'leading-dropped': pattern<Given>(
    'Leading number dropped',
    'The pair of ac stands in brackets that begin with x.',
    {
      factors: usingValues<[Pair]>(['pair'], (pair) =>
        productOf(
          1n,
          pair.map((constant) => polynomial([constant, 1n]))
        )
      )
    },
    { ...SPLITS, monic: false, content: 1 },
    schoolsOf('product-and-sum')
  ),
  'product-sign-ignored': pattern<Given>(
    'Sign of the product ignored',
    'A pair with the right sum whose product has the wrong sign.',
    (given, graph) => {
      const rule = graph.byId.get('pair')!;
      const { a, b, c } = isContentFirst(graph) ? reduced(given) : given;
      return pairOf(BigInt(-a * c), BigInt(b)) === undefined
        ? undefined
        : { pair: using(rule.uses, (product, sum) => pairOf(-product, sum)) };
    },
    { ...SPLITS, largest: { max: 30 } },
    schoolsOf('product-and-sum', 'area-grid')
  ),
  'content-lost': pattern<Given>(
    'Common factor lost',
    'It is divided out and never written again.',
    (given) => ({
      complete: usingAny<[Value?]>(
        ['factors'],
        (factors) => factors ?? (isFactorable(given) ? undefined : unsplit(given, 1n))
      )
    }),
    { factorable: true, content: { min: 2 } }
  )
};

function size(value: bigint): bigint {
  return value < 0n ? -value : value;
}

/** The constants that are found are changed: those of the pair, or q and s of the cross. */
function withConstants(graph: Graph, change: (constant: bigint) => bigint): Replacements {
  const ids = graph.byId.has('pair') ? ['pair'] : ['cross.q', 'cross.s'];
  const changed = (value: Value | undefined) =>
    Array.isArray(value)
      ? (value as bigint[]).map(change)
      : typeof value === 'bigint'
        ? change(value)
        : undefined;
  // The right rules are read from the steps they replace, from right values of what those use.
  return Object.fromEntries(
    ids.map((id): [string, Replacement] => {
      const { uses, rule } = graph.byId.get(id)!;
      const right = (used: string, value: Value | undefined) =>
        ids.includes(used) ? changed(value) : value;
      return [id, { uses, rule: (get) => changed(rule((used) => right(used, get(used)))) }];
    })
  );
}

/** Whether what is split is the quadratic without its common factor. */
function isContentFirst({ steps }: Graph): boolean {
  const position = (id: string) => steps.findIndex((step) => step.id === id);
  return position('content') < position('factors');
}

/** A pair that multiplies to ac, signed as it should be, whose sum is not b; the sum nearest b. */
function sumNotChecked(given: Given, graph: Graph): Replacements | undefined {
  const { a, b, c } = isContentFirst(graph) ? reduced(given) : given;
  const pairs = wrongPairs(BigInt(a * c), BigInt(b));
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
    const { uses, rule } = graph.byId.get(id)!;
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
