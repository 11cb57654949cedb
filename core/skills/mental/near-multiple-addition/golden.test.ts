import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'near-multiple-addition',
  { suited: true, crosses: true, offset: { max: -1 }, digits: 3, changeDigits: 3, base: 100 },
  ['127 + 194', '699 + 596', '877 + 690']
);
