import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('compatible-addition', { addends: 5, pairs: 2, decoys: { max: 1 }, adjacent: 0 }, [
  '11 + 53 + 89 + 47 + 75',
  '24 + 69 + 20 + 31 + 80',
  '53 + 80 + 63 + 20 + 47'
]);
