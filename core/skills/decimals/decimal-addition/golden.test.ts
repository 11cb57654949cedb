import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'decimal-addition',
  {
    ...{ addends: 2, integers: 0, wholeDigits: { max: 2 } },
    ...{ maxPlaces: 2, raggedness: 1, carries: { min: 1, max: 2 } }
  },
  ['47.71 + 47.8', '44.72 + 4.4', '1.35 + 15.8']
);
