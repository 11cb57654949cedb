import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'mixed-subtraction',
  {
    ...{ fractionOnly: false, wholeVanishes: false, wholeMinuend: false },
    ...{ relation: ['multiple'], regroups: true, simplifies: false, friendly: true },
    ...{ commonDenominator: { min: 6, max: 12 }, largestWhole: { max: 12 } }
  },
  ['10 1/4 - 3 7/8', '5 5/12 - 1 1/2', '12 3/10 - 6 3/5']
);
