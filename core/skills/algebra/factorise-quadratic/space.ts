import { indexItems, spendOn, type ItemSpace } from '../../../spaces';
import { meets } from '../../../skill/controls';
import type { FeatureValue } from '../../../skill/feature';
import type { Wanted } from '../../../skill/request';
import { crossTrials, factorPairs, kindOf, rootsOf, signsOf } from './features';
import {
  contentOfQuadratic,
  isFactorable,
  LARGEST_COEFFICIENT,
  LARGEST_LEADING,
  reduced,
  type Given
} from './numbers';

/** Values of b and of c. */
const WIDTH = 2 * LARGEST_COEFFICIENT + 1;

/** All items that are wanted: 7.7 million quadratics are few enough to be looked at. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const bound = wanted.range('largest').max;
  const usual = wanted.flag('monic') === true ? 1 : Math.min(bound, LARGEST_LEADING);
  const leading = wanted.asks('leading') ? wanted.range('leading') : { min: 1, max: usual };
  const tests = measures.flatMap(([feature, measure]) => {
    const asked = wanted.of(feature);
    return asked === undefined ? [] : [(given: Given) => meets(measure(given), asked)];
  });
  return indexItems({
    size: (2 * LARGEST_LEADING + 1) * WIDTH * WIDTH,
    /** The smaller numbers are looked at first, where most of what is rare is found. */
    walk(visit) {
      const outer = outerPairs(wanted, { leading, bound });
      for (const b of outward(bound)) {
        for (const [a, ends] of outer) {
          // One object for all: millions are looked at.
          const given = { a, b, c: 0 };
          spendOn(ends.length);
          for (const c of ends) {
            given.c = c;
            if (tests.every((test) => test(given)) && visit(keyOf(given)) === true) return;
          }
        }
      }
    },
    item: itemOf,
    features(key) {
      const given = itemOf(key);
      return Object.fromEntries(measures.map(([feature, measure]) => [feature, measure(given)]));
    }
  });
}

/**
 * The outer coefficients that can be meant: all, or where one content is asked for those that it divides, and that
 * have the pairs that are asked for. So little is left of what millions would have to be looked at for.
 */
function outerPairs(
  wanted: Wanted,
  { leading, bound }: { leading: { min: number; max: number }; bound: number }
): [a: number, ends: Int16Array][] {
  const content = wanted.asks('content') ? wanted.range('content') : undefined;
  const only = content && content.min === content.max ? content.min : 1;
  const pairs = content && only === content.max ? wanted.of('pairs') : undefined;
  const isMeant = (a: number, c: number) =>
    a % only === 0 &&
    c % only === 0 &&
    (pairs === undefined || meets(pairsOf(Math.abs((a / only) * (c / only))), pairs));
  return range(leading.min, leading.max)
    .filter((a) => a !== 0)
    .map((a) => [a, Int16Array.from(range(-bound, bound).filter((c) => isMeant(a, c)))]);
}

const range = (from: number, to: number): number[] =>
  Array.from({ length: to - from + 1 }, (_, at) => from + at);

function keyOf({ a, b, c }: Given): number {
  return (
    ((a + LARGEST_LEADING) * WIDTH + b + LARGEST_COEFFICIENT) * WIDTH + c + LARGEST_COEFFICIENT
  );
}

function itemOf(key: number): Given {
  const [rest, c] = [Math.floor(key / WIDTH), key % WIDTH];
  return {
    a: Math.floor(rest / WIDTH) - LARGEST_LEADING,
    b: (rest % WIDTH) - LARGEST_COEFFICIENT,
    c: c - LARGEST_COEFFICIENT
  };
}

/** 0, 1, -1, 2, -2 ... as far as the bound. */
function* outward(bound: number): Generator<number> {
  yield 0;
  for (let size = 1; size <= bound; size++) yield* [size, -size];
}

type Measure = (given: Given) => Exclude<FeatureValue, readonly string[]>;

/** How each feature is measured in a walk through all of them, the cheapest first. */
const measures: readonly (readonly [feature: string, measure: Measure])[] = [
  ['monic', ({ a }) => a === 1],
  ['leading', ({ a }) => a],
  ['largest', ({ a, b, c }) => Math.max(Math.abs(a), Math.abs(b), Math.abs(c))],
  ['signs', signsOf],
  ['factorable', isFactorable],
  ['kind', kindOf],
  ['roots', rootsOf],
  ['content', contentOfQuadratic],
  // The pairs depend on the product of the outer coefficients alone.
  [
    'pairs',
    (given) => {
      const { a, c } = reduced(given);
      return pairsOf(Math.abs(a * c));
    }
  ],
  // The trials depend on the outer coefficients as reduced, and on whether the middle one is 0.
  [
    'crossTrials',
    (given) => {
      const { a, b, c } = reduced(given);
      return trials[b === 0 ? 0 : 1]!(keyOf({ a, b: 0, c }));
    }
  ]
];

const pairsOf = remembered(LARGEST_LEADING * LARGEST_COEFFICIENT + 1, (product) =>
  factorPairs({ a: 1, b: 1, c: product })
);

const trials = [0, 1].map((b) =>
  remembered(keyOf({ a: LARGEST_LEADING, b: 0, c: LARGEST_COEFFICIENT }) + 1, (key) =>
    crossTrials({ ...itemOf(key), b })
  )
);

/** A function of small numbers, each worked out once, in a table made when it is first asked for. */
function remembered(size: number, compute: (key: number) => number): (key: number) => number {
  let values: Int16Array | undefined;
  return (key) => {
    values ??= new Int16Array(size).fill(-1);
    return values[key]! >= 0 ? values[key]! : (values[key] = compute(key));
  };
}
