import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { printNumber } from '../../../numbers';
import { seededRandom } from '../../../spaces';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { evaluate, graphOf } from '../../../working';
import { addendDigits, columnsOf } from '../../../methods/columns/sum/columns';
import { measured } from '../../../skill/space-checks.test-helper';
import { features, look } from './features';
import { columnSteps } from '../../../methods/columns/sum/working';

const measure = (given: { addends: string[] }, base?: number) =>
  measured(features, look(given, base));
const columnGraph = (columns: number[][]) => graphOf(columnSteps(columns));

const addends = (max: number) =>
  fc.array(fc.bigInt(1n, 999_999_999_999n), { minLength: 2, maxLength: max });

test('the worked examples of the catalogue', () => {
  const cases: [string[], Record<string, unknown>][] = [
    [['487', '365'], { carries: 2, ripples: 0, longestRun: 2, newColumn: false, largestCarry: 1 }],
    [['58', '67'], { carries: 2, newColumn: true }],
    [['96', '7'], { carries: 2, ripples: 1, shortest: 1, answerZeros: 1 }]
  ];
  for (const [given, expected] of cases) {
    const found = measure({ addends: given });
    for (const [name, value] of Object.entries(expected)) assert.equal(found[name], value, name);
  }
});

test('features equal what one gets by adding digit by digit in the working graph', () => {
  fc.assert(
    fc.property(addends(6), (numbers) => {
      const given = { addends: numbers.map(String) };
      const columns = columnsOf(addendDigits(given, 10));
      const values = evaluate(columnGraph(columns));
      const carries = columns.map((_, p) => Number(values.get(`carry.${p + 1}`)));
      const found = measure(given);
      assert.equal(found['carries'], carries.filter((carry) => carry > 0).length);
      assert.equal(found['largestCarry'], Math.max(...carries));
      assert.equal(found['newColumn'], carries.at(-1)! > 0);
      const ripples = columns.filter(
        (column, p) => column.reduce((a, b) => a + b, 0) <= 9 && carries[p]! > 0
      );
      assert.equal(found['ripples'], ripples.length);
    }),
    { numRuns: 3000 }
  );
});

test('the graph gives the sum that BigInt gives', () => {
  fc.assert(
    fc.property(addends(6), (numbers) => {
      const graph = columnGraph(columnsOf(addendDigits({ addends: numbers.map(String) }, 10)));
      assert.equal(
        evaluate(graph).get('answer'),
        numbers.reduce((a, b) => a + b)
      );
    }),
    { numRuns: 2000 }
  );
});

/** Exponent of a prime in n! (Legendre). */
function exponentInFactorial(n: bigint, prime: bigint): bigint {
  let exponent = 0n;
  for (let rest = n / prime; rest > 0n; rest /= prime) exponent += rest;
  return exponent;
}

test('carries of two addends agree with Kummer’s theorem in bases 2, 3, 5 and 7', () => {
  // Kummer, E. E. (1852): the carries when adding a and b in base p are the exponent of p in C(a+b, a).
  fc.assert(
    fc.property(
      fc.constantFrom(2, 3, 5, 7),
      fc.bigInt(1n, 4095n),
      fc.bigInt(1n, 4095n),
      (base, a, b) => {
        const p = BigInt(base);
        const exponent =
          exponentInFactorial(a + b, p) - exponentInFactorial(a, p) - exponentInFactorial(b, p);
        const found = measure({ addends: [a, b].map((n) => printNumber(n, base)) }, base);
        assert.equal(BigInt(found['carries'] as number), exponent);
      }
    ),
    { numRuns: 3000 }
  );
});

test('the share of each carry among long numbers is that of Holte’s chain', () => {
  // Holte, J. (1997), American Mathematical Monthly 104: stationary probabilities are Eulerian numbers / m!.
  const stationary: Record<number, number[]> = { 2: [1 / 2, 1 / 2], 3: [1 / 6, 4 / 6, 1 / 6] };
  const random = seededRandom(1997);
  for (const [m, shares] of Object.entries(stationary)) {
    const seen = shares.map(() => 0);
    const numbers = 150;
    for (let i = 0; i < numbers; i++) {
      const columns = Array.from({ length: 200 }, () =>
        Array.from({ length: Number(m) }, () => uniformInt(random, 0, 9))
      );
      const values = evaluate(columnGraph(columns));
      columns.forEach((_, p) => seen[Number(values.get(`carry.${p + 1}`))]!++);
    }
    shares.forEach((share, carry) => {
      const measured = seen[carry]! / (numbers * 200);
      // Carries of neighbouring columns are dependent; 0.012 is over four standard errors of 30,000 columns.
      assert.ok(Math.abs(measured - share) < 0.012, `m=${m} carry ${carry}: ${measured}`);
    });
  }
});
