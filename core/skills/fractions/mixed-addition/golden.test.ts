import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'mixed-addition',
  {
    ...{ fractionOnly: false, wholeAddend: false, makesWhole: false, regroups: true },
    ...{ relation: ['multiple'], simplifies: false, friendly: true },
    ...{ commonDenominator: { min: 6, max: 12 }, largestWhole: { max: 12 } }
  },
  ['1 2/3 + 2 11/12', '9 3/4 + 1 7/8', '9 7/10 + 3 3/5']
);
