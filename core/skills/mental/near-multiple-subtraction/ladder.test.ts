import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'near-multiple-subtraction',
  (item, { digits, suited, crosses }) =>
    !suited || !crosses || Number(digits) > 4 || Number(item.answer) < 10
);
