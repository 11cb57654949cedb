import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'short-division',
  {
    divisor: { min: 3, max: 9 },
    quotientZeros: 0,
    digits: 3,
    exact: false,
    leadingShort: false,
    carried: 2
  },
  ['506 / 4', '612 / 5', '810 / 7']
);
