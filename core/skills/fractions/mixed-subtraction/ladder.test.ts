import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'mixed-subtraction',
  (_, { largestWhole, friendly, regroups, wholeVanishes }) =>
    Number(largestWhole) > 12 || !friendly || !regroups || wholeVanishes === true
);
