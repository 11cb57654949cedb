import { numbersFrom, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('near-multiple-addition', {
  within: { digits: sized(1, 1), changeDigits: sized(1, 3) },
  tried: () =>
    numbersFrom(1, 9).flatMap((start) =>
      numbersFrom(1, 999).map((change) => ({ start: String(start), change: String(change) }))
    ),
  ranked: { digits: sized(1, 1), changeDigits: sized(2, 2) }
});
