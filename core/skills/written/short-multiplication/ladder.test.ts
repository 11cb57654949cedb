import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut('short-multiplication', (_, { carries }) => carries === 0);
