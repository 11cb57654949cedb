import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'mixed-addition',
  (_, { largestWhole, friendly, regroups, makesWhole }) =>
    Number(largestWhole) > 12 || !friendly || !regroups || makesWhole === true
);
