import { checkStruckOut } from '../../../catalogue/skill-checks.test-helper';

// Common practice.
checkStruckOut(
  'factorise-quadratic',
  (_, { largest, factorable }) => Number(largest) > 60 || !factorable
);
