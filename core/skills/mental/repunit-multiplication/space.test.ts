import { numbersFrom, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('repunit-multiplication', {
  within: { digits: sized(2, 3) },
  tried: () =>
    numbersFrom(10, 999).flatMap((one) =>
      ['11', '111', '1111'].map((repunit) => ({ multiplicand: String(one), repunit }))
    )
});
