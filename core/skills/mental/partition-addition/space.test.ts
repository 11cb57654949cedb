import { numbersFrom, pairsOf, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('partition-addition', {
  within: { digits: sized(1, 2) },
  tried: () => pairsOf(numbersFrom(1, 99)).map((addends) => ({ addends: [...addends] }))
});
