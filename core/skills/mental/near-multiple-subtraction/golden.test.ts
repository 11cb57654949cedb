import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden(
  'near-multiple-subtraction',
  { digits: 3, changeDigits: 2, offset: { min: -2, max: -1 }, suited: true },
  ['895 - 68', '708 - 68', '952 - 59']
);
