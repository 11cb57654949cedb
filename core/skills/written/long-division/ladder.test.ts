import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'long-division',
  (item, { carried, divisor }) =>
    carried === 0 || Number(divisor) % 10 === 0 || parseInt(item.answer) < 10
);
