import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'column-subtraction',
  (item, { regroupings }) => regroupings === 0 || Number(item.answer) < 10
);
