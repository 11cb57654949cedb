import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('doubling', { digits: 4, carries: 2, zeros: { max: 1 } }, [
  '2 x 5470',
  '2 x 9074',
  '2 x 3296'
]);
