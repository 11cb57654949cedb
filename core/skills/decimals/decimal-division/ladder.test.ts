import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'decimal-division',
  (_, { quotientDigits, divisor }) => Number(quotientDigits) < 2 || Number(divisor) === 2
);
