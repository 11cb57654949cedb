import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'decimal-multiplication',
  (_, { carries, productPad }) => carries === 0 || Number(productPad) > 1
);
