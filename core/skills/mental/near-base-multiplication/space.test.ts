import { numbersFrom, pairsOf, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('near-base-multiplication', {
  within: { base: sized(90, 1000) },
  tried: () =>
    [90, 100, 1000].flatMap((base) =>
      pairsOf(numbersFrom(base - 31, base + 31)).map(([left, right]) => ({ left, right, base }))
    ),
  ranked: { base: sized(100, 100) }
});
