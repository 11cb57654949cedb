import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('column-subtraction', { digits: 3, shortest: 3, regroupings: 1, zeros: 0 }, [
  '821 - 116',
  '761 - 556',
  '658 - 590'
]);
