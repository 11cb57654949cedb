import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Decimal as Exact } from 'decimal.js';
import fc from 'fast-check';
import Fraction from 'fraction.js';
import { printDecimal, type Decimal } from '../decimal';
import type { Mixed } from '../mixed';
import type { Reading, Value } from '../reading';
import {
  decimalForm,
  decimalNumber,
  decimalOrFraction,
  givenForm,
  listOfDecimals,
  misplaced
} from './decimals';
import { completeForm, factorisation, pairReading, productOf, termsReading } from './factors';
import { mixedForm, mixedNumber } from './mixed';
import { quotientBy, quotientForm, type Quotient } from './quotient';
import { signedNumber, wholeNumber } from './whole';

const aDecimal = fc
  .tuple(fc.bigInt(0n, 999_999n), fc.integer({ min: 0, max: 4 }))
  .map(([units, places]): Decimal => ({ units, places }));

const aMixed = fc
  .tuple(fc.bigInt(0n, 30n), fc.bigInt(0n, 40n), fc.bigInt(2n, 24n))
  .map(([whole, numerator, denominator]): Mixed => ({ whole, numerator, denominator }))
  .filter(({ numerator }) => numerator > 0n);

const aLinear = fc
  .tuple(fc.bigInt(-9n, 9n), fc.bigInt(1n, 4n))
  .map(([constant, leading]) => [constant, leading]);

const aProduct = fc
  .tuple(fc.bigInt(1n, 5n), fc.array(aLinear, { minLength: 1, maxLength: 2 }))
  .map(([constant, factors]) => productOf(constant, factors));

interface Kind<V extends Value> {
  readonly reading: Reading<V>;
  readonly values: fc.Arbitrary<V>;
  /** The worth of a value as another library has it; of what has none, its text. */
  readonly worth: (value: V) => string;
}

const exact = ({ units, places }: Decimal) => new Exact(`${units}e-${places}`).toString();
const fraction = ({ whole, numerator, denominator }: Mixed) =>
  new Fraction(numerator, denominator).add(new Fraction(whole)).toFraction();

/** The value of a product at some numbers: two of the second degree that agree at three are one. */
const atPoints = (constant: bigint, factors: readonly (readonly bigint[])[]) =>
  [-11n, 0n, 7n, 13n]
    .map((x) =>
      factors.reduce(
        (product, factor) =>
          product * factor.reduceRight((sum, coefficient) => sum * x + coefficient, 0n),
        constant
      )
    )
    .join();

const kinds: Readonly<Record<string, Kind<never>>> = {
  whole: kind(wholeNumber, fc.bigInt(0n, 10n ** 20n), String),
  signed: kind(signedNumber, fc.bigInt(-(10n ** 9n), 10n ** 9n), String),
  decimal: kind(decimalNumber, aDecimal, exact),
  list: kind(listOfDecimals, fc.array(aDecimal, { minLength: 2, maxLength: 5 }), (list) =>
    list.map(exact).join(' ')
  ),
  mixed: kind(mixedNumber, aMixed, fraction),
  pair: kind(pairReading, fc.tuple(fc.bigInt(-99n, 99n), fc.bigInt(-99n, 99n)), (pair) =>
    [...pair].sort((one, other) => Number(one - other)).join()
  ),
  factors: kind(factorisation, aProduct, (value) =>
    'none' in value ? 'none' : atPoints(value.constant, value.factors)
  )
};

function kind<V extends Value>(
  reading: Reading<V>,
  values: fc.Arbitrary<V>,
  worth: (value: V) => string
): Kind<never> {
  return { reading, values, worth } as unknown as Kind<never>;
}

for (const [name, { reading, values, worth }] of Object.entries(kinds)) {
  test(`${name}: what is printed is read back; equal are those of one worth; near values are others`, () => {
    fc.assert(
      fc.property(values, values, (one, other) => {
        const read = reading.parse(reading.print(one));
        assert.ok(read !== undefined && reading.equal(read, one), reading.print(one));
        assert.equal(reading.equal(one, other), worth(one) === worth(other));
        assert.equal(reading.equal(one, other), reading.equal(other, one));
        for (const near of reading.near(one)) {
          assert.ok(!reading.equal(near, one), `${reading.print(near)} near ${reading.print(one)}`);
        }
      }),
      { seed: 1852 }
    );
  });

  test(`${name}: spaces around it change nothing, and a word is none`, () => {
    fc.assert(
      fc.property(values, (one) => {
        const text = reading.print(one);
        const read = reading.parse(`  ${text} `);
        assert.ok(read !== undefined && reading.equal(read, one), text);
        assert.equal(reading.parse(`${text} lanterns`), undefined, text);
      }),
      { seed: 1852, numRuns: 30 }
    );
  });
}

test('a quotient with a remainder is told from one that is exact; both have the worth of the division', () => {
  const aDivision = fc.tuple(fc.bigInt(0n, 500n), fc.bigInt(2n, 30n));
  fc.assert(
    fc.property(aDivision, fc.bigInt(0n, 500n), ([dividend, divisor], other) => {
      const reading = quotientBy(divisor);
      const value = reading.parse(`${dividend / divisor} rem ${dividend % divisor}`)!;
      assert.ok(reading.equal(reading.parse(reading.print(value))!, value));
      const asMixed: Quotient = {
        mixed: { whole: dividend / divisor, numerator: dividend % divisor, denominator: divisor }
      };
      assert.ok(reading.equal(asMixed, value));
      const twice = { quotient: other / divisor, remainder: other % divisor };
      assert.equal(reading.equal(twice, value), other === dividend);
      for (const near of reading.near(value)) assert.ok(!reading.equal(near, value));
      // One time less and a remainder that is larger by the divisor is not the same answer.
      const short = {
        quotient: dividend / divisor - 1n,
        remainder: (dividend % divisor) + divisor
      };
      assert.ok(!reading.equal(short, value));
    }),
    { seed: 1852 }
  );
  const forms = (written: string) => quotientForm(quotientBy(5n).parse(written)!);
  assert.deepEqual(['86 r 2', '86', '86 2/5', '86.4'].map(forms), [
    [],
    [],
    ['as-fraction'],
    ['as-decimal']
  ]);
});

test('decimals and mixed numbers fall short in form as a general library says', () => {
  fc.assert(
    fc.property(aDecimal, (value) => {
      const text = printDecimal(value);
      const ends = text.includes('.') && text.endsWith('0');
      assert.equal(decimalForm(value).length > 0, ends, text);
    }),
    { seed: 1852 }
  );
  fc.assert(
    fc.property(aMixed, (value) => {
      const { numerator, denominator, whole } = value;
      const simplest = new Fraction(numerator, denominator);
      const isReduced = simplest.n === numerator && simplest.d === denominator;
      const expected = !isReduced
        ? ['not-simplified']
        : numerator < denominator
          ? []
          : [whole === 0n ? 'improper' : 'improper-part'];
      assert.deepEqual(mixedForm(value), expected, fraction(value));
    }),
    { seed: 1852 }
  );
  const given = givenForm(['0.4', '0.35']);
  assert.deepEqual(given(listOfDecimals.parse('0.35, 0.4')!), []);
  assert.deepEqual(given(listOfDecimals.parse('0.35, 0.40')!), ['not-as-given']);
});

test('numbers out of order are those that must be taken out, found by trying every choice', () => {
  const five = fc.shuffledSubarray(['0.4', '0.35', '0.406', '4', '0.04'], { minLength: 5 });
  const right = listOfDecimals.parse('0.04, 0.35, 0.4, 0.406, 4')!;
  fc.assert(
    fc.property(five, fc.nat(5), (texts, kept) => {
      const written = texts.slice(0, kept).flatMap((text) => decimalNumber.parse(text) ?? []);
      const worths = written.map((value) => Number(exact(value)));
      let longest = 0;
      for (let choice = 0; choice < 2 ** kept; choice++) {
        const chosen = worths.filter((_, at) => (choice >> at) & 1);
        const isRising = chosen.every((value, at) => at === 0 || chosen[at - 1]! < value);
        if (isRising) longest = Math.max(longest, chosen.length);
      }
      assert.equal(misplaced(written, right), 5 - longest);
    }),
    { seed: 1852 }
  );
});

test('a factorisation is complete where no factor has a number to take out or splits again', () => {
  const form = (written: string) => completeForm(factorisation.parse(written)!);
  for (const complete of ['(x + 2)(x + 3)', '2(x + 2)(x + 3)', 'x(x + 5)', '(x + 3)^2', 'x^2 + 1'])
    assert.deepEqual(form(complete), [], complete);
  for (const short of ['(2x + 4)(x + 3)', 'x^2 + 5x + 6', '2(x^2 + 5x + 6)', '3x^2 + 3'])
    assert.deepEqual(form(short), ['not-complete'], short);
  assert.deepEqual(form('not factorable'), []);
});

test('terms may stand in any order, and are not put together', () => {
  const read = (text: string) => termsReading.parse(text)!;
  assert.ok(termsReading.equal(read('x² + 2x + 3x + 6'), read('6 + 3x + 2x + x²')));
  assert.ok(!termsReading.equal(read('x² + 5x + 6'), read('x² + 2x + 3x + 6')));
  assert.equal(termsReading.print(read('x² - 2x + 6')), 'x² - 2x + 6');
});

test('a decimal may be written as a fraction that ends; what is only a division is none', () => {
  const read = (text: string) => {
    const value = decimalOrFraction.parse(text);
    return value && decimalOrFraction.print(value);
  };
  for (const [text, value] of [
    ['1 3/4', '1.75'],
    ['4 1/5', '4.2'],
    ['3 9/20', '3.45'],
    ['6/100', '0.06'],
    ['1½', '1.5'],
    ['2.50', '2.50'],
    ['7/4', undefined],
    ['1/3', undefined],
    ['2 1/7', undefined],
    ['1/0', undefined]
  ] as const) {
    assert.equal(read(text), value, text);
  }
  fc.assert(
    fc.property(fc.nat(99), fc.integer({ min: 1, max: 999 }), (whole, thousandths) => {
      const value = decimalOrFraction.parse(`${whole} ${thousandths}/1000`)!;
      const same = decimalNumber.parse(`${whole}.${String(thousandths).padStart(3, '0')}`)!;
      assert.ok(decimalOrFraction.equal(value, same));
    })
  );
});
