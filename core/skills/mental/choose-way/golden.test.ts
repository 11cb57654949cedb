import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'choose-way',
  { operation: ['addition'], digits: 2, cheapest: ['making-up', 'near-double'], margin: 1 },
  ['59 + 60', '54 + 67', '57 + 64']
);
