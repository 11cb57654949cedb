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
