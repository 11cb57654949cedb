import assert from 'node:assert/strict';
import { test } from 'node:test';
import Decimal from 'decimal.js';
import fc from 'fast-check';
import Fraction from 'fraction.js';
import { gcd as gcdOf, lcm as lcmOf } from 'mathjs';
import {
  addPolynomials,
  BASES,
  compareDecimals,
  contentOf,
  exactRoot,
  fromDigits,
  gcd,
  gcdOfSmall,
  isSimplest,
  lcm,
  mixedOf,
  multiplyPolynomials,
  pairOf,
  parseDecimal,
  parseDigits,
  parseMixed,
  polynomial,
  primitivePart,
  printDecimal,
  printMixed,
  printNumber,
  sameMixed,
  toDigits,
  type Polynomial
} from '.';

const natural = fc.bigInt(0n, 10n ** 30n);
const small = fc.integer({ min: -500, max: 500 });
const coefficients = fc.array(fc.bigInt(-20n, 20n), { maxLength: 5 }).map(polynomial);

/** The value of a polynomial at a place, power by power. */
function at(p: Polynomial, x: bigint): bigint {
  return p.reduce((sum, coefficient, power) => sum + coefficient * x ** BigInt(power), 0n);
}

test('digits and numerals in every base are those of BigInt', () => {
  fc.assert(
    fc.property(natural, fc.integer(BASES), (value, base) => {
      const numeral = value.toString(base);
      assert.equal(printNumber(value, base), numeral);
      assert.deepEqual(parseDigits(numeral, base), toDigits(value, base));
      assert.equal(fromDigits(toDigits(value, base), base), value);
    })
  );
  for (const text of ['', '-1', '1 2', '1.5', 'ä']) assert.equal(parseDigits(text), undefined);
});

test('divisors and multiples are those of a general library', () => {
  fc.assert(
    fc.property(small, small, (one, other) => {
      assert.equal(gcdOfSmall(one, other), Math.abs(Number(gcdOf(one, other))));
      assert.equal(gcd(BigInt(one), BigInt(other)), BigInt(gcdOfSmall(one, other)));
      const [a, b] = [Math.abs(one) + 1, Math.abs(other) + 1];
      assert.equal(lcm(BigInt(a), BigInt(b)), BigInt(Number(lcmOf(a, b))));
    })
  );
});

test('decimals are read as they are written and compared as decimal.js compares them', () => {
  const written = fc
    .tuple(fc.integer({ min: 0, max: 999 }), fc.string({ unit: fc.constantFrom(...'0123456789') }))
    .map(([whole, decimals]) => (decimals === '' ? `${whole}` : `${whole}.${decimals}`));
  fc.assert(
    fc.property(written, written, (one, other) => {
      const [first, second] = [parseDecimal(one)!, parseDecimal(other)!];
      assert.equal(printDecimal(first), one);
      assert.equal(compareDecimals(first, second), new Decimal(one).comparedTo(other));
    })
  );
  for (const text of ['', '.5', '5.', '-1', '1.2.3', '1e3', '1,5']) {
    assert.equal(parseDecimal(text), undefined, text);
  }
});

test('mixed numbers have the value and the simplest form of fraction.js', () => {
  const term = fc.integer({ min: 0, max: 400 });
  fc.assert(
    fc.property(term, fc.integer({ min: 1, max: 60 }), (numerator, denominator) => {
      const mixed = mixedOf(BigInt(numerator), BigInt(denominator));
      const fraction = new Fraction(numerator, denominator);
      assert.equal(printMixed(mixed), fraction.toFraction(true));
      assert.ok(isSimplest(mixed));
      const asWritten = parseMixed(`${numerator}/${denominator}`)!;
      assert.ok(sameMixed(mixed, asWritten));
      assert.deepEqual(parseMixed(printMixed(mixed)), mixed);
    })
  );
  for (const text of ['', '1/0', '1 2', '1/2/3', '-1/2', '1 1/', '0.5']) {
    assert.equal(parseMixed(text), undefined, text);
  }
});

test('polynomials add and multiply as their values do', () => {
  fc.assert(
    fc.property(coefficients, coefficients, fc.bigInt(-9n, 9n), (p, q, x) => {
      assert.equal(at(addPolynomials(p, q), x), at(p, x) + at(q, x));
      assert.equal(at(multiplyPolynomials(p, q), x), at(p, x) * at(q, x));
      const primitive = primitivePart(p);
      assert.ok(p.length === 0 || contentOf(primitive) === 1n);
      assert.ok((primitive.at(-1) ?? 1n) > 0n);
    })
  );
});

test('exact roots, and pairs of a product and a sum, are those of an exhaustive search', () => {
  for (let square = -5n; square <= 200n; square++) {
    const roots = Array.from({ length: 20 }, (_, root) => BigInt(root));
    assert.equal(
      exactRoot(square),
      roots.find((root) => root * root === square)
    );
  }
  const large = 12_345_678_901_234_567_890n;
  assert.equal(exactRoot(large * large), large);
  assert.equal(exactRoot(large * large + 1n), undefined);
  const numbers = Array.from({ length: 41 }, (_, i) => BigInt(i - 20));
  for (let product = -20n; product <= 20n; product++) {
    for (let sum = -21n; sum <= 21n; sum++) {
      const exists = numbers.some((one) => one * (sum - one) === product);
      const found = pairOf(product, sum);
      assert.equal(found !== undefined, exists, `${product} ${sum}`);
      if (found) assert.deepEqual([found[0] * found[1], found[0] + found[1]], [product, sum]);
    }
  }
});
