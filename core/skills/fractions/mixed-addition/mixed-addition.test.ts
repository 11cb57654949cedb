import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { markItem } from '../../../marking';
import { isSimplest, parseMixed } from '../../../numbers';
import { analyseItem, skillOf, Wanted } from '../../../skill';
import type { Constraints } from '../../../skill/controls';
import { checkPatterns, schoolsOf, worked } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import { allDenominators, operands, value } from '../operands.test-helper';
import type { Given } from './features';
import { items } from './space';

const skill = skillOf('mixed-addition');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

const any = fc.constantFrom(...operands(20, allDenominators));
const anyItem = fc
  .tuple(any, any)
  .filter((addends) => addends.some(({ numerator }) => numerator > 0))
  .map((addends): Given => ({ addends }));

test('the answer is what fraction.js says, in every school, and in its simplest form', () => {
  fc.assert(
    fc.property(anyItem, (given) => {
      const [one, other] = given.addends.map(value);
      for (const school of schoolsOf(skill)) {
        const { answer } = analyseItem(skill, given, { school });
        assert.equal(answer, one!.add(other!).toFraction(true));
        assert.ok(isSimplest(parseMixed(answer)!));
      }
    })
  );
});

test('features are those of an independent measurement', () => {
  fc.assert(
    fc.property(anyItem, ({ addends }) => {
      const found = measure({ addends });
      const fractions = addends.map((one) => value({ ...one, whole: 0 }));
      const sum = fractions[0]!.add(fractions[1]!);
      const common = Number(found.commonDenominator);
      const left = sum.mod(1);
      assert.ok(addends.every(({ denominator }) => common % denominator === 0));
      assert.equal(found.regroups, sum.compare(1) >= 0);
      assert.equal(found.makesWhole, sum.equals(1));
      assert.equal(found.simplifies, !left.equals(0) && Number(left.d) < common);
      assert.equal(
        found.wholeAddend,
        fractions.some((fraction) => fraction.equals(0))
      );
      assert.equal(
        found.fractionOnly,
        addends.some(({ whole }) => whole === 0)
      );
      assert.equal(found.largestWhole, Math.max(...addends.map(({ whole }) => whole)));
    })
  );
});

test('counts equal those of a list of every item with the common denominator 6 and small wholes', () => {
  const within = { commonDenominator: { min: 6, max: 6 }, largestWhole: { min: 0, max: 9 } };
  const numbers = operands(9, [1, 2, 3, 6]);
  const all = numbers
    .flatMap((one) => numbers.map((other): Given => ({ addends: [one, other] })))
    .filter((given) => measure(given).commonDenominator === 6);
  countsAsMeasured({ specs, items: all, measure, within, space: items });
  const space = items(new Wanted(specs, within));
  combinationsAsMeasured(space, skill.decidingFeatures, all.map(measure));
  assert.equal(space.usable, BigInt(new Set(all.map((given) => skill.itemKey(given))).size));
  const rares: Constraints[] = [
    { fractionOnly: true, simplifies: true },
    { fractionOnly: false, makesWhole: true, largestWhole: { min: 3, max: 5 } }
  ];
  for (const rare of rares) {
    const wanted = new Wanted(specs, { ...within, ...rare });
    const listed = all.filter((given) => wanted.meets(measure(given)));
    ranksAsListed(items(wanted), listed, (given) => skill.given.print(given));
  }
});

test('error patterns give the answers worked by hand', () =>
  checkPatterns(skill.id, {
    // The first of each is the catalogue's. Undefined where an addend has no fraction.
    'whole-not-carried': [
      ['3 2/3 + 1 3/4', '4 5/12'],
      ['2 3/5 + 4 4/5', '6 2/5'],
      ['1 1/2 + 2 1/2', '3'],
      ['2 1/4 + 1 1/2', '='], // nothing to carry
      ['5 5/6 + 2 5/8', '7 11/24'], // 20/24 + 15/24 = 35/24
      ['4 + 1 1/2', '-']
    ],
    'denominators-added': [
      ['3 2/3 + 1 3/4', '4 5/7'],
      ['2 3/5 + 4 4/5', '6 7/10'],
      ['1 1/2 + 2 1/2', '3 1/2'], // 2/4
      ['2 1/4 + 1 1/2', '3 1/3'], // 2/6
      ['5 5/6 + 2 5/8', '7 5/7'], // 10/14
      ['4 + 1 1/2', '-']
    ],
    'unlike-denominators-ignored': [
      ['3 2/3 + 1 3/4', '5 2/3'],
      ['2 3/5 + 4 4/5', '='],
      ['2 1/4 + 1 1/2', '3 1/2'], // 2/4
      ['5 5/6 + 2 5/8', '8 2/3'], // 10/6 = 1 4/6
      ['1 1/3 + 2 1/9', '3 2/3'],
      ['4 + 1 1/2', '-']
    ],
    'numerators-not-scaled': [
      ['3 2/3 + 1 3/4', '4 5/12'],
      ['2 3/5 + 4 4/5', '='],
      ['2 1/4 + 1 1/2', '3 1/2'], // 2/4
      ['5 5/6 + 2 5/8', '7 5/12'], // 10/24
      ['1 1/3 + 2 1/9', '3 2/9'],
      ['4 + 1 1/2', '-']
    ],
    'carried-fraction-kept': [
      ['3 2/3 + 1 3/4', '6 5/12'],
      ['2 3/5 + 4 4/5', '8 2/5'], // 7 7/5
      ['1 1/2 + 2 1/2', '5'], // 4 2/2
      ['2 1/4 + 1 1/2', '='],
      ['5 5/6 + 2 5/8', '9 11/24'], // 8 35/24
      ['4 + 1 1/2', '-']
    ]
  }));

test('own figures are followed, and a fraction of more than a whole is right in value, not in form', () => {
  const mark = (working: Record<string, string>) =>
    markItem(worked(skill.id, '3 2/3 + 1 3/4', 'parts'), working);
  const over24 = { 'common.denominator': '24', 'common.0': '16', 'common.1': '18' };
  const other = mark({ ...over24, 'fraction.numerator': '34', whole: '4', answer: '5 5/12' });
  assert.deepEqual([other.marks.awarded, other.marks.available, other.flags], [3, 3, []]);
  const kept = mark({ 'fraction.numerator': '17', whole: '4', answer: '4 17/12' });
  assert.deepEqual([kept.answer.verdict, kept.answer.form], ['correct', ['improper-part']]);
  assert.deepEqual(
    kept.marks.lines.map(({ awarded }) => awarded),
    [1, 1, 0]
  );
});
