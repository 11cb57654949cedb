import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { parseDigits } from '../../numbers';
import { heldCarries, longestRun, tablePairs, zerosIn } from '../../numbers/digit-measures';
import { evaluate, graphOf, stepOf, valuesOf } from '../../working';
import { factorsOf } from './factors';
import {
  carriesOf,
  carryAddedFirst,
  productSteps,
  zeroTimesN,
  type ProductRow,
  type RowTotal
} from './product-row';
import { rowTables } from './row-tables';

const rowOf = (multiplicand: number, m: number, shift = 0): ProductRow => ({
  ...{ multiplicand: parseDigits(String(multiplicand))!, m, prefix: '', shift },
  label: (kind, place) => `${kind} ${place}`
});

/** What a row comes to, and what it carries into each place, by a hand that does not know the steps. */
function byHand(row: ProductRow, total: RowTotal) {
  let carry = 0n;
  const carried: bigint[] = [];
  const figures = row.multiplicand.map((digit, column) => {
    const sum = total(BigInt(digit), BigInt(row.m), carry, column);
    carry = sum / 10n;
    carried.push(carry);
    return sum % 10n;
  });
  return { figures: [...figures, carry], carried };
}

const totals: Readonly<Record<string, RowTotal>> = {
  usual: (digit, m, carry) => digit * m + carry,
  zeroTimesN,
  carryAddedFirst
};

for (const [name, total] of Object.entries(totals)) {
  test(`a row of a product, ${name}: figures and carries are those of a hand`, () => {
    fc.assert(
      fc.property(fc.nat(99_999), fc.nat(9), fc.nat(3), (multiplicand, m, shift) => {
        const row = rowOf(multiplicand, m, shift);
        const graph = graphOf(productSteps(row, total));
        const values = evaluate(graph);
        const { figures, carried } = byHand(row, total);
        const at = (place: number) => values.get(`digit.${shift + place}`);
        // The leading figure and what it spills over, read together.
        figures.slice(0, -1).forEach((figure, place) => assert.equal(at(place), figure));
        assert.equal(at(figures.length - 1), figures.at(-1));
        carriesOf(row).forEach((id, place) => assert.equal(values.get(id), carried[place]));
        if (name === 'usual') {
          const whole = figures.toReversed().join('');
          assert.equal(BigInt(whole), BigInt(multiplicand * m));
        }
      })
    );
  });
}

test('a table fact one multiple out is told of a digit and a multiplier above 1, and of no others', () => {
  for (let digit = 0; digit <= 9; digit++) {
    for (let m = 0; m <= 9; m++) {
      const graph = graphOf(productSteps(rowOf(digit, m)));
      const facts = stepOf(graph, 'digit.0').facts!(valuesOf(graph)).map(Number);
      const around = [(digit + 1) * m, (digit - 1) * m, digit * (m + 1), digit * (m - 1)];
      const expected = digit > 1 && m > 1 ? around : [];
      assert.deepEqual(facts.toSorted(), expected.toSorted(), `${digit} x ${m}`);
    }
  }
});

test('the tables of rows say of every number below 10,000 what a look at its figures says', () => {
  const { heldCount, heldLargest, zeroCount, digitMask } = rowTables();
  for (let number = 1; number < 10_000; number += 7) {
    const text = String(number);
    assert.equal(zeroCount[number], zerosIn(text), text);
    const digits = [...new Set(text)].map(Number).filter((digit) => digit >= 2);
    assert.equal(
      digitMask[number],
      digits.reduce((mask, digit) => mask + 2 ** digit, 0),
      text
    );
    for (let m = 0; m <= 9; m++) {
      const held = heldCarries(text, m).filter((carry) => carry > 0);
      assert.equal(heldCount[10 * number + m], held.length, `${text} x ${m}`);
      assert.equal(heldLargest[10 * number + m], Math.max(0, ...held), `${text} x ${m}`);
    }
  }
});

test('what is held, runs, zeros and pairs of a table are counted as a loop over figures counts them', () => {
  fc.assert(
    fc.property(fc.nat(999_999), fc.nat(9), (number, m) => {
      const { carried } = byHand(rowOf(number, m), totals['usual']!);
      assert.deepEqual(heldCarries(String(number), m), carried.slice(0, -1).map(Number));
      assert.equal(
        zerosIn(String(number)),
        [...String(number)].filter((digit) => digit === '0').length
      );
    })
  );
  fc.assert(
    fc.property(fc.array(fc.boolean(), { maxLength: 12 }), (flags) => {
      const runs = flags
        .map((is) => (is ? '1' : '0'))
        .join('')
        .split('0');
      assert.equal(longestRun(flags), Math.max(0, ...runs.map((run) => run.length)));
    })
  );
  assert.deepEqual(tablePairs('3710', '73'), ['3x3', '3x7', '7x7']);
  assert.deepEqual(tablePairs('1100', '19'), []);
  assert.deepEqual(factorsOf({ multiplicand: '305', multiplier: '14' }), {
    ...{ multiplicand: [5, 0, 3], multiplier: [4, 1] }
  });
});
