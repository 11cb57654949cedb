import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'order-decimals',
  (_, { count, placed, wholeSpan, longerTraps, shorterTraps }) =>
    placed === count || Number(wholeSpan) > 1 || Number(longerTraps) + Number(shorterTraps) === 0
);
