import { isProduct, linearFactors, type Product, type Value } from '../../../numbers';
import { ANSWER, using, type Graph, type Replacement, type Replacements } from '../../../working';
import { numberToTakeOut, reduced, type Given } from './numbers';
import type { Pair } from './splitting';

/* Patterns of those who find numbers with the right products and do not check the sum, or the middle. */

export function size(value: bigint): bigint {
  return value < 0n ? -value : value;
}

/** The coefficients that are split: without their common factor where that comes first. */
function coefficients(given: Given, graph: Graph) {
  const { a, b, c } = isContentFirst(graph) ? reduced(given) : given;
  return { a: BigInt(a), b: BigInt(b), c: BigInt(c) };
}

/** The steps after the split, which take any brackets that are found so. */
function acceptingFactors(
  given: Given,
  graph: Graph,
  isFound: (written: Value) => boolean
): Replacements {
  const takenOut = numberToTakeOut(given);
  const isWhole = (written: Value) =>
    isProduct(written) && written.constant === takenOut && isFound(written);
  const accepting = (id: string, accepts: Replacement['accepts']): [string, Replacement] => {
    const { uses, rule } = graph.byId.get(id)!;
    return [id, { uses, rule, accepts }];
  };
  return Object.fromEntries([
    accepting('factors', isFound),
    accepting('complete', isWhole),
    accepting(ANSWER, isWhole)
  ]);
}

/** Whether what is split is the quadratic without its common factor. */
export function isContentFirst({ steps }: Graph): boolean {
  const position = (id: string) => steps.findIndex((step) => step.id === id);
  return position('content') < position('factors');
}

/** A pair that multiplies to ac, signed as it should be, whose sum is not b; the sum nearest b. */
export function sumNotChecked(given: Given, graph: Graph): Replacements | undefined {
  const { a, b, c } = coefficients(given, graph);
  const pairs = wrongPairs(a * c, b);
  if (pairs.length === 0) return undefined;
  const isWrongPair = ([one, other]: Pair) =>
    pairs.some(([m, n]) => (m === one && n === other) || (m === other && n === one));
  const fromSuchPair = (written: Value) => {
    const pair = isProduct(written) ? pairBehind(written, a) : undefined;
    return pair !== undefined && isWrongPair(pair);
  };
  return {
    pair: { uses: [], rule: () => pairs[0], accepts: (written) => isWrongPair(written as Pair) },
    ...acceptingFactors(given, graph, fromSuchPair)
  };
}

/** Two brackets (px + q)(rx + s) with pr = a and qs = c, signed as they should be, but ps + qr not b; the nearest to b. */
export function middleNotChecked(given: Given, graph: Graph): Replacements | undefined {
  const { a, b, c } = coefficients(given, graph);
  const trials = wrongTrials(a, b, c);
  const [nearest] = trials;
  if (!nearest) return undefined;
  const isTrial = (written: Value) => {
    const brackets = isProduct(written) ? linearFactors({ ...written, constant: 1n })?.factors : [];
    const found = brackets?.map(([constant = 0n, leading = 0n]) => `${leading} ${constant}`).join();
    return trials.some(([p, q, r, s]) =>
      [`${p} ${q},${r} ${s}`, `${r} ${s},${p} ${q}`].includes(found ?? '')
    );
  };
  const [first, second, r, s] = nearest;
  // What is found first may be any factor; the other follows from it.
  const isFactorOf = (whole: bigint) => (written: Value) =>
    typeof written === 'bigint' && written !== 0n && whole % written === 0n;
  return {
    'cross.p': { uses: [], rule: () => first, accepts: isFactorOf(a) },
    'cross.r': using(['cross.p'], (one) => (one !== 0n && a % one === 0n ? a / one : r)),
    'cross.q': { uses: [], rule: () => second, accepts: isFactorOf(c) },
    'cross.s': using(['cross.p', 'cross.r', 'cross.q'], (p, r, q) => {
      const other = q !== 0n && c % q === 0n ? c / q : s;
      // Who has the right cross has checked the middle.
      return p * other + q * r === b ? undefined : other;
    }),
    ...acceptingFactors(given, graph, isTrial)
  };
}

type Trial = readonly [p: bigint, q: bigint, r: bigint, s: bigint];

function wrongTrials(a: bigint, b: bigint, c: bigint): Trial[] {
  const sign = b < 0n ? -1n : 1n;
  const divisors = (number: bigint) => {
    const all: bigint[] = [];
    for (let one = 1n; one <= number; one++) if (number % one === 0n) all.push(one);
    return all;
  };
  const ends = divisors(size(c)).flatMap((q) => {
    const s = size(c) / q;
    return c > 0n
      ? [[sign * q, sign * s]]
      : [
          [q, -s],
          [-q, s]
        ];
  }) as [bigint, bigint][];
  const middle = ([p, q, r, s]: Trial) => p * s + q * r;
  const trials = divisors(size(a)).flatMap((p) =>
    ends.map(([q, s]): Trial => [p, q, a / p, s]).filter((one) => middle(one) !== b)
  );
  const distance = (one: Trial) => size(middle(one) - b);
  return trials.toSorted((one, other) => Number(distance(one) - distance(other)));
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
