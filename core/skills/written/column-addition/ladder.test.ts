import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut('column-addition', (_, { carries }) => carries === 0);
