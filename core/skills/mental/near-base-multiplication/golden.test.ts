import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'near-base-multiplication',
  { base: 100, overlap: false, sides: ['mixed'], largestDeviation: { min: 3, max: 9 } },
  ['109 x 97', '99 x 106', '103 x 92']
);
