import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'decimal-subtraction',
  { integers: 0, maxPlaces: 2, raggedness: 1, wholeDigits: 2, regroupings: 2, acrossZeros: 0 },
  ['83.8 - 10.84', '85.2 - 62.98', '79.2 - 35.83']
);
