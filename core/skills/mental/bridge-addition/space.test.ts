import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, Wanted } from '../../../skill';
import {
  numbersFrom,
  pairsOf,
  ranksAsListed,
  sized
} from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

checkSmallSpace('bridge-addition', {
  within: { digits: sized(1, 2), addends: sized(2, 2) },
  tried: () => pairsOf(numbersFrom(1, 99)).map((addends) => ({ addends: [...addends] }))
});

test('bridging three numbers: what does not count twice is what a list of short ones has', () => {
  const skill = skillOf('bridge-addition');
  const wanted = new Wanted(skill.features, {
    addends: sized(3, 3),
    digits: sized(1, 1),
    makesTen: false
  });
  const listed = numbersFrom(1, 9).flatMap((one) =>
    pairsOf(numbersFrom(1, 9)).map(([other, third]) => ({ addends: [String(one), other, third] }))
  );
  const items = listed.filter(
    (given) => skill.given.schema.safeParse(given).success && wanted.meets(skill.measure(given))
  );
  ranksAsListed(skill.items(wanted), items, skill.given.print);
  const different = new Set(items.map((given) => skill.itemKey(given)));
  assert.equal(skill.items(wanted).usable, BigInt(different.size));
});
