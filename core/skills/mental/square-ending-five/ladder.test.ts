import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut('square-ending-five', (_, { digits }) => Number(digits) > 3);
