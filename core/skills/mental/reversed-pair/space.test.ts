import { numbersFrom, pairsOf } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('reversed-pair', {
  within: {},
  tried: () => pairsOf(numbersFrom(10, 99)).map((addends) => ({ addends: [...addends] }))
});
