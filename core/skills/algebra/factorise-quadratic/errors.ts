import {
  isProduct,
  linearFactors,
  pairOf,
  polynomial,
  productOf,
  type Value
} from '../../../numbers';
import {
  using,
  usingAny,
  usingValues,
  type Graph,
  type Replacement,
  type Replacements
} from '../../../working';
import { pattern } from '../../../skill/define';
import { card, methodOf, type MethodName } from './card';
import { isFactorable, reduced, type Given } from './numbers';
import { isContentFirst, middleNotChecked, size, sumNotChecked } from './unchecked';
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
  'middle-not-checked': pattern<Given>(
    'Middle not checked',
    'The first and the last products are right and the one in the middle is not.',
    middleNotChecked,
    SPLITS,
    schoolsOf('cross-trial')
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
      complete: usingAny<[Value?]>(['factors'], (factors) =>
        isProduct(factors)
          ? (linearFactors(factors) ?? factors)
          : isFactorable(given)
            ? undefined
            : unsplit(given, 1n)
      )
    }),
    { factorable: true, content: { min: 2 } }
  )
};

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
