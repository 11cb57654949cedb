export {
  BASES,
  digitAt,
  fromDigits,
  parseDigits,
  printDigits,
  printNumber,
  toDigits,
  type Digits
} from './digits';
export { gcd, gcdOfSmall, lcm } from './divisors';
export {
  improperNumerator,
  isSimplest,
  mixedOf,
  parseMixed,
  printMixed,
  sameMixed,
  type Mixed
} from './mixed';
export { compareDecimals, parseDecimal, printDecimal, unitsTo, type Decimal } from './decimal';
export {
  addPolynomials,
  contentOf,
  degree,
  exactRoot,
  multiplyPolynomials,
  pairOf,
  polynomial,
  primitivePart,
  printPolynomial,
  samePolynomial,
  type Polynomial
} from './polynomial';
export { expand, parseProduct, parseTerms, type Product } from './expression';
