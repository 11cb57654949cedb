import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'short-division',
  (item, { carried, quotientZeros }) =>
    (carried === 0 && quotientZeros === 0) || parseInt(item.answer) < 10
);
