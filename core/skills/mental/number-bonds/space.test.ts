import { numbersFrom } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('number-bonds', {
  within: {},
  tried: () =>
    numbersFrom(1, 110).flatMap((total) =>
      numbersFrom(0, 110).map((part) => ({ total: String(total), part: String(part) }))
    )
});
