import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { Decimal } from 'decimal.js';
import Fraction from 'fraction.js';
import { below, decimalAddends, decimalOf, onePoint, significant } from './decimals';
import type { GivenForm } from './form';
import { LARGEST_DENOMINATOR, mixedDifference, mixedSum, printMixedGiven } from './mixed';
import { addends, digitFrom, numberBetween, twoNumbers } from './numbers';
import { pairOf } from './pair';

const takes = (schema: { safeParse(value: unknown): { success: boolean } }) => (value: unknown) =>
  schema.safeParse(value).success;

/** What holds of any form: a line that is printed is read back, and a word behind it makes it none. */
function checkForm<Given>(form: GivenForm<Given>, given: Given): void {
  assert.ok(form.schema.safeParse(given).success, JSON.stringify(given));
  const line = form.print(given);
  assert.deepEqual(form.parse(line), given, line);
  assert.equal(form.parse(`${line} lamps`), undefined, line);
  if (form.from) assert.deepEqual(form.from(form.operands!(given)), given, line);
}

const numeral = (min: number, max: number) => fc.integer({ min, max }).map(String);

test('whole numbers that are added: any signs and groups are read, and the order makes no other item', () => {
  const form = addends([2, 4], [1, 5], 'Write numbers.');
  fc.assert(
    fc.property(fc.array(numeral(1, 99_999), { minLength: 2, maxLength: 4 }), (own) => {
      checkForm(form, { addends: own });
      assert.equal(form.itemKey!({ addends: own }), form.itemKey!({ addends: own.toReversed() }));
    })
  );
  assert.deepEqual(form.parse(' 1 000+25 '), { addends: ['1000', '25'] });
  for (const odd of ['7', '7 + 0', '7 + 07', '7 + -3', '7 + 100000', '1+1+1+1+1', '7 - 3', '']) {
    assert.equal(form.parse(odd), undefined, odd);
  }
});

test('digits and numbers between two are taken, and nothing beside them', () => {
  for (let value = 0; value <= 30; value++) {
    assert.equal(takes(digitFrom(3))(String(value)), value >= 3 && value <= 9, `${value}`);
    assert.equal(takes(numberBetween(5, 20))(String(value)), value >= 5 && value <= 20, `${value}`);
  }
  for (const odd of ['', '03', '5.0', ' 5', '5x']) assert.ok(!takes(numberBetween(1, 99))(odd));
});

test('two numbers keep the rules they stand under, and say which number breaks one', () => {
  const subtraction = twoNumbers('minuend', 'subtrahend', {
    ...{
      sign: '-',
      digits: [
        [1, 4],
        [1, 4]
      ],
      howToType: '',
      descending: true
    }
  });
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 9999 }),
      fc.integer({ min: 1, max: 9999 }),
      (one, other) => {
        const given = { minuend: String(one), subtrahend: String(other) };
        if (one > other) checkForm(subtraction, given);
        else assert.equal(subtraction.parse(`${one} - ${other}`), undefined);
      }
    )
  );
  const refused = subtraction.schema.safeParse({ minuend: '3', subtrahend: '5' });
  assert.ok(!refused.success);
  assert.deepEqual(refused.error.issues[0]!.path, ['subtrahend']);
  assert.match(refused.error.issues[0]!.message, /below the minuend/);
  // A number that is none breaks no rule beside that.
  const odd = subtraction.schema.safeParse({ minuend: 'x', subtrahend: '5' });
  assert.ok(!odd.success);
  assert.deepEqual(
    odd.error.issues.map(({ path }) => path.join()),
    ['minuend']
  );
  for (const minus of ['-', '−', '–']) {
    assert.deepEqual(subtraction.parse(`57 ${minus} 8`), { minuend: '57', subtrahend: '8' });
  }
  const division = twoNumbers('dividend', 'divisor', {
    ...{
      sign: '/',
      digits: [
        [1, 4],
        [1, 2]
      ],
      howToType: '',
      times: 10
    }
  });
  assert.equal(division.parse('99 / 10'), undefined);
  for (const sign of ['/', '÷', ':']) assert.ok(division.parse(`100 ${sign} 10`), sign);
});

test('factors may change places only where the form says so', () => {
  const sides = ['left', 'right'] as const;
  const form = (commutes: boolean) =>
    pairOf(...sides, {
      ...{ sign: 'x', numbers: [numberBetween(2, 99), numberBetween(2, 99)] as const },
      ...{ howToType: '', commutes }
    });
  const [one, other] = [
    { left: '12', right: '7' },
    { left: '7', right: '12' }
  ];
  assert.equal(form(true).itemKey!(one), form(true).itemKey!(other));
  assert.equal(form(false).itemKey, undefined);
  for (const sign of ['x', 'X', '×', '*', '·']) {
    assert.deepEqual(form(false).parse(`12 ${sign} 7`), one, sign);
  }
  assert.equal(form(false).from!(['12']), undefined);
});

test('a decimal has no needless zeros, is above 0, and has so many digits and places', () => {
  const isDecimal = takes(decimalOf(2));
  for (const good of ['1', '12', '0.5', '12.3045', '0.0001']) assert.ok(isDecimal(good), good);
  for (const odd of ['0', '0.0', '00.5', '.5', '5.', '5.10', '123', '1.00001', '-1', '1,5', '']) {
    assert.ok(!isDecimal(odd), odd);
  }
  const some = takes(significant(3, 2));
  for (const good of ['306', '3.06', '0.36', '12']) assert.ok(some(good), good);
  // Four digits, three places, powers of ten.
  for (const odd of ['3.064', '1234', '0.306', '1', '10', '0.1', '100']) assert.ok(!some(odd), odd);
  assert.ok(takes(significant(3, 2, { tens: true }))('0.1'));
});

test('decimals are added where one at least has a point', () => {
  const form = decimalAddends([2, 3], 3, '');
  const decimal = fc
    .tuple(fc.integer({ min: 1, max: 99_999 }), fc.integer({ min: 0, max: 3 }))
    .map(([units, places]) => new Decimal(`${units}e-${places}`).toString())
    .filter((text) => !text.includes('e') && text.split('.')[0]!.length <= 3);
  fc.assert(
    fc.property(fc.array(decimal, { minLength: 2, maxLength: 3 }), (own) => {
      if (own.some((text) => text.includes('.'))) checkForm(form, { addends: own });
      else assert.equal(form.parse(own.join(' + ')), undefined);
    })
  );
  fc.assert(
    fc.property(decimal, decimal, (one, other) => {
      assert.equal(below('minuend').holds(one, other), new Decimal(one).gt(other));
      assert.equal(onePoint.holds(one, other), one.includes('.') || other.includes('.'));
    })
  );
});

const mixed = fc
  .tuple(
    fc.integer({ min: 0, max: 99 }),
    fc.integer({ min: 1, max: LARGEST_DENOMINATOR }),
    fc.nat(23)
  )
  .map(([whole, size, top]) => {
    const { n, d } = new Fraction(top % size, size);
    return { whole, numerator: Number(n), denominator: Number(d) };
  })
  .filter(({ whole, numerator }) => whole + numerator > 0);

const worth = ({
  whole,
  numerator,
  denominator
}: {
  whole: number;
  numerator: number;
  denominator: number;
}) => new Fraction(numerator, denominator).add(whole);

test('mixed numbers are added where one at least has a fraction, and taken from a larger one', () => {
  const [sum, difference] = [mixedSum(''), mixedDifference('')];
  fc.assert(
    fc.property(mixed, mixed, (one, other) => {
      const own = { addends: [one, other] };
      if (one.numerator + other.numerator > 0) {
        checkForm(sum, own);
        assert.equal(sum.itemKey!(own), sum.itemKey!({ addends: [other, one] }));
      } else assert.equal(sum.parse(sum.print(own)), undefined);
      const taken = { minuend: one, subtrahend: other };
      const isAbove = worth(one).compare(worth(other)) > 0;
      assert.equal(difference.schema.safeParse(taken).success, isAbove);
      if (isAbove) checkForm(difference, taken);
    })
  );
  assert.equal(printMixedGiven({ whole: 0, numerator: 4, denominator: 9 }), '4/9');
  assert.equal(printMixedGiven({ whole: 2, numerator: 0, denominator: 1 }), '2');
});

test('a fraction that is improper, or over too much, is none that is given; one that cancels is', () => {
  const isTaken = (line: string) => mixedSum('').parse(line) !== undefined;
  for (const line of ['1 2/3 + 2', '23/24 + 1/2', '1 2/4 + 2']) assert.ok(isTaken(line), line);
  for (const odd of ['1 0/4 + 1/2', '1 5/3 + 2', '1 1/25 + 2', '100 1/2 + 1', '0 + 1/2', '1 + 2']) {
    assert.ok(!isTaken(odd), odd);
  }
});
