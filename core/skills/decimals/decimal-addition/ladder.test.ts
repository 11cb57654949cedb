import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'decimal-addition',
  (_, { carries, wholeDigits }) => carries === 0 || Number(wholeDigits) > 2
);
