import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('reversed-pair', { digitSum: { min: 11, max: 13 } }, ['84 + 48', '76 + 67', '58 + 85']);
