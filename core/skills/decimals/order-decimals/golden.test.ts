import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'order-decimals',
  {
    ...{ count: 4, integers: 0, maxPlaces: 3, raggedness: 2, longerTraps: { min: 2 } },
    ...{ wholeParts: { max: 2 }, wholeSpan: { max: 1 }, placed: { max: 1 } }
  },
  [
    '87.332, 87.9, 87.213, 87.267 descending',
    '16.604, 15.417, 15.088, 15.8 ascending',
    '68.79, 67.907, 68.181, 68.4 ascending'
  ]
);
