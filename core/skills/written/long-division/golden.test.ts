import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'long-division',
  { divisor: { min: 21, max: 29 }, digits: 4, quotientDigits: 3, quotientZeros: 1, exact: false },
  ['4279 / 21', '2141 / 21', '2768 / 26']
);
