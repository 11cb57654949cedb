import { numbersFrom, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('complement', {
  within: { targetDigits: sized(2, 4) },
  tried: () =>
    [10, 100, 1000]
      .flatMap((power) => numbersFrom(1, 9).map((digit) => digit * power))
      .flatMap((target) =>
        numbersFrom(1, target).map((one) => ({ target: String(target), number: String(one) }))
      ),
  ranked: { targetDigits: sized(2, 3) }
});
