import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'decimal-multiplication',
  { digits: 2, multiplierDigits: 2, multiplicandPlaces: 1, multiplierPlaces: 1, carries: 2 },
  ['8.8 x 2.5', '8.8 x 8.5', '4.8 x 8.2']
);
