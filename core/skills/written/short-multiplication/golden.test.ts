import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('short-multiplication', { digits: 2, carries: 1, zeros: 0, multiplier: { min: 3 } }, [
  '43 x 5',
  '82 x 5',
  '84 x 8'
]);
