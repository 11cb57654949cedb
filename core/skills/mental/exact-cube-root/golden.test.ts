import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('exact-cube-root', { rootDigits: 2, selfEnding: false, bracket: { min: 4 } }, [
  '∛110592',
  '∛912673',
  '∛658503'
]);
