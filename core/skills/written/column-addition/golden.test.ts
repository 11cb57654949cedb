import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'column-addition',
  { addends: 2, digits: 3, shortest: 3, carries: 1, newColumn: false },
  ['116 + 308', '647 + 171', '226 + 205']
);
