export {
  BASES,
  digitAt,
  fromDigits,
  parseDigits,
  printDigits,
  printNumber,
  toDigits,
  valueIn,
  type Digits
} from './digits';
export { gcd, gcdOfSmall, lcm } from './divisors';
export { integerRoot } from './roots';
export { isTooLong, MOST_CHARACTERS, MOST_DIGITS, MOST_PLACES } from './too-long';
export {
  improperNumerator,
  isSimplest,
  mixedOf,
  parseMixed,
  printMixed,
  readMixed,
  sameMixed,
  type Mixed
} from './mixed';
export {
  compareDecimals,
  parseDecimal,
  printDecimal,
  unitsTo,
  withoutZeros,
  type Decimal
} from './decimal';
export {
  addPolynomials,
  contentOf,
  degree,
  exactRoot,
  monomial,
  multiplyPolynomials,
  pairOf,
  polynomial,
  primitivePart,
  printPolynomial,
  samePolynomial,
  type Polynomial
} from './polynomial';
export { expand, parseProduct, parseTerms, type Product } from './expression';
export { acrossFigures, ungrouped } from './numeral';
export { formCodes, type FormCode, type Reading, type Value } from './reading';
export { signedNumber, wholeNumber } from './readings/whole';
export {
  decimalForm,
  decimalNumber,
  decimalOrFraction,
  givenForm,
  listOfDecimals,
  misplaced
} from './readings/decimals';
export { quotientBy, quotientForm, type Quotient } from './readings/quotient';
export { mixedForm, mixedForms, mixedNumber } from './readings/mixed';
export {
  bracketOf,
  completeForm,
  factorisation,
  groupReading,
  isProduct,
  linearFactors,
  multipliedOut,
  NONE,
  pairReading,
  productOf,
  termsReading,
  type Factorisation
} from './readings/factors';
