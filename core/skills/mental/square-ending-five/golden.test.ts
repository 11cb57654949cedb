import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('square-ending-five', { digits: 2 }, ['45²', '55²', '75²']);
