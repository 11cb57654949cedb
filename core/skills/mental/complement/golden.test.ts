import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'complement',
  { kind: ['power-of-ten'], trailingZeros: 0, targetDigits: 4, digits: 3, zeros: 1 },
  ['1000 - 904', '1000 - 905', '1000 - 405']
);
