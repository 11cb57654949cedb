import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice: where 1 is missing, nothing but counting on is asked.
checkStruckOut(
  'number-bonds',
  (_, { total, part }) => Number(total) > 20 && Number(part) > Number(total) - 2
);
