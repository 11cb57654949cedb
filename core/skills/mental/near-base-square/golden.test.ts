import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('near-base-square', { base: { min: 30, max: 90 }, deviation: { min: 7, max: 12 } }, [
  '51² near 60',
  '62² near 50',
  '91² near 80'
]);
