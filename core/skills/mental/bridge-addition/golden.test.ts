import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'bridge-addition',
  { addends: 2, suited: true, makesTen: false, digits: 3, base: 100, gap: { min: 3, max: 9 } },
  ['474 + 297', '492 + 959', '893 + 114']
);
