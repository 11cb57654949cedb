import { numbersFrom } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('exact-cube-root', {
  within: {},
  tried: () => numbersFrom(1, 250).map((root) => ({ cube: String(root ** 3) }))
});
