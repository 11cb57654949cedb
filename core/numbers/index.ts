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
export { gcd, lcm } from './divisors';
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
