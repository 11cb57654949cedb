import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'factorise-quadratic',
  {
    ...{ factorable: true, content: 1, kind: ['general'], monic: true },
    ...{ signs: ['+-', '--'], largest: { max: 30 } }
  },
  ['x² - 10x - 11', 'x² + 2x - 3', 'x² + 2x - 8']
);
