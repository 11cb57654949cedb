import { numbersFrom, pairsOf, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('choose-way', {
  within: { digits: sized(2, 2) },
  // Which number stands first is settled by whether their sum is odd.
  tried: () =>
    ['addition', 'subtraction', 'multiplication'].flatMap((operation) =>
      pairsOf(numbersFrom(10, 99))
        .filter(([one, other]) => {
          const isTurned = operation !== 'subtraction' && (Number(one) + Number(other)) % 2 === 1;
          return isTurned ? Number(one) <= Number(other) : Number(one) >= Number(other);
        })
        .map((operands) => ({ operation, operands: [...operands] }))
    )
});
