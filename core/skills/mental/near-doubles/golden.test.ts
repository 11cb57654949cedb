import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('near-doubles', { digits: 2, doublingCarries: 2, difference: { min: 2, max: 9 } }, [
  '85 + 78',
  '58 + 67',
  '68 + 70'
]);
