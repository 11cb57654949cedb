import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('partition-addition', { digits: 3, shortest: 2, crossings: 2, roundAddend: false }, [
  '698 + 24',
  '945 + 99',
  '578 + 83'
]);
