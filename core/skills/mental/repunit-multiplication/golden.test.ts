import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'repunit-multiplication',
  { window: 2, digits: 4, carries: { min: 1, max: 2 }, zeros: 0 },
  ['8347 x 11', '7258 x 11', '3447 x 11']
);
