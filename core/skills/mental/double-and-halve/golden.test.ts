import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'double-and-halve',
  {
    suited: true,
    roundFactor: false,
    halvings: 2,
    halvedFactors: 2,
    doublingCarries: { min: 1, max: 3 }
  },
  ['12 x 18', '12 x 14', '14 x 16']
);
