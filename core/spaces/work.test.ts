import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { spend, TooMuchWork } from './spending';
import { measureWork, once, tryWithin, withinWork } from './work';

test('a budget is spent to the last unit and no further; what is inside counts outside', () => {
  withinWork(10, () => spend(10));
  assert.throws(() => withinWork(10, () => spend(11)), TooMuchWork);
  assert.throws(
    () =>
      withinWork(10, () => {
        withinWork(6, () => spend(6));
        withinWork(6, () => spend(5));
      }),
    TooMuchWork
  );
  const left = withinWork(10, () => {
    assert.equal(
      tryWithin(4, () => spend(5)),
      undefined
    );
    return tryWithin(5, () => (spend(5), 'done'));
  });
  assert.equal(left, 'done');
});

test('an inner budget that ends with the outer one is not passed over', () => {
  assert.throws(() => withinWork(3, () => tryWithin(100, () => spend(4))), TooMuchWork);
});

test('other errors are not taken for too much work, and leave the budget as it was', () => {
  withinWork(10, () => {
    assert.throws(() => tryWithin(5, () => (spend(2), assert.fail('other'))), /other/);
    spend(8);
    assert.throws(() => spend(1), TooMuchWork);
  });
});

/** Values that use each other: each spends something, then asks for some of those before it. */
function chain(costs: readonly (readonly [units: number, uses: readonly number[]])[]) {
  const cells: (() => number)[] = [];
  for (const [units, uses] of costs) {
    const own = cells.slice();
    cells.push(
      once(() => {
        spend(units);
        return uses.reduce((sum, at) => sum + (own[at % Math.max(1, own.length)]?.() ?? 0), units);
      })
    );
  }
  return cells;
}

const costs = fc.array(
  fc.tuple(fc.integer({ min: 0, max: 9 }), fc.array(fc.nat(9), { maxLength: 3 })),
  { minLength: 1, maxLength: 10 }
);

test('a request takes the same work whatever was worked out before it', () => {
  fc.assert(
    fc.property(costs, fc.array(fc.nat(9)), fc.array(fc.nat(9)), (made, before, asked) => {
      const ask = (cells: readonly (() => number)[], which: readonly number[]) =>
        measureWork(() => which.map((at) => cells[at % cells.length]!()));
      const cold = ask(chain(made), asked);
      const warm = chain(made);
      before.forEach((at) => ask(warm, [at]));
      assert.deepEqual(ask(warm, asked), cold);
      // Within one budget each is charged once: asking for the same again costs nothing.
      assert.equal(ask(warm, [...asked, ...asked]).units, cold.units);
    }),
    { numRuns: 500, seed: 1852 }
  );
});

test('what broke off is not kept: the next who may spend enough gets it, at its whole price', () => {
  const value = once(() => (spend(6), spend(6), 'made'));
  assert.equal(tryWithin(10, value), undefined);
  assert.deepEqual(measureWork(value), { value: 'made', units: 12 });
  assert.equal(tryWithin(10, value), undefined);
  assert.equal(tryWithin(12, value), 'made');
});
