import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'decimal-division',
  { divisorDigits: 1, divisorPlaces: 1, dividendPlaces: 2, quotientDigits: 3, quotientZeros: 1 },
  ['18.06 / 0.2', '3.02 / 0.5', '24.12 / 0.6']
);
