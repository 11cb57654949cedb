import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('number-bonds', { total: 100, tens: false }, [
  '84 + __ = 100',
  '9 + __ = 100',
  '94 + __ = 100'
]);
