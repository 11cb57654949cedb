import { numbersFrom } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('near-base-square', {
  within: {},
  tried: () =>
    [...numbersFrom(1, 9).map((tens) => 10 * tens), 100, 1000].flatMap((base) =>
      numbersFrom(1, 1040).map((one) => ({ number: String(one), base }))
    )
});
