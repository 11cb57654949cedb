import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'long-multiplication',
  (_, { carries, multiplierZeros }) => carries === 0 || multiplierZeros !== 0
);
