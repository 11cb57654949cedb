import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'decimal-subtraction',
  (_, { regroupings, wholeDigits, belowOne }) =>
    regroupings === 0 || Number(wholeDigits) > 3 || belowOne === true
);
