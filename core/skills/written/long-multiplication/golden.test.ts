import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'long-multiplication',
  { digits: 2, multiplierDigits: 2, carries: 1, tables: { allow: [2, 3, 4, 5] } },
  ['13 x 24', '13 x 91', '54 x 18']
);
