import { numbersFrom, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('doubling', {
  within: { digits: sized(2, 4) },
  tried: () => numbersFrom(10, 9999).map((one) => ({ number: String(one) }))
});
