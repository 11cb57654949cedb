import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import Fraction from 'fraction.js';
import { isSimplest, parseMixed, printMixed, sameMixed } from '../../../numbers';
import { defaultHouseStyle } from '../../../house-style';
import { markItem } from '../../../marking';
import { analyseItem, skillOf, Wanted } from '../../../skill';
import type { Constraints } from '../../../skill/controls';
import type { MixedGiven as Operand } from '../../../skill/given/mixed';
import { patternAnswers, schoolsOf, worked } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  ranksAsListed
} from '../../../skill/space-checks.test-helper';
import { areUnlike } from '../../../methods/fractions/pairs';
import { allDenominators, operands, value } from '../operands.test-helper';
import type { Given } from './features';
import { items } from './space';

const skill = skillOf('mixed-subtraction');
const specs = skill.features;
const schools = schoolsOf(skill);
const item = (line: string) => skill.given.parse(line) as Given;
const measure = (given: Given) => skill.measure(given);
const under = (constraints: Constraints) => items(new Wanted(specs, constraints));

const anyItem = fc
  .tuple(
    fc.constantFrom(...operands(20, allDenominators)),
    fc.constantFrom(...operands(20, allDenominators))
  )
  .filter(([one, other]) => value(one).compare(value(other)) !== 0)
  .map(([one, other]): Given =>
    value(one).compare(value(other)) > 0
      ? { minuend: one, subtrahend: other }
      : { minuend: other, subtrahend: one }
  );

test('the answer is what fraction.js says, in every school, and in its simplest form', () => {
  fc.assert(
    fc.property(anyItem, (given) => {
      const expected = value(given.minuend).sub(value(given.subtrahend)).toFraction(true);
      for (const school of schools) {
        const answer = analyseItem(skill, given, { school }).answer;
        assert.equal(answer, expected);
        assert.ok(isSimplest(parseMixed(answer)!));
      }
    })
  );
});

test('features are those of an independent measurement', () => {
  // The catalogue: 4 - 1 5/9 multiple; 5 1/6 - 2 3/4 shared-factor.
  assert.equal(measure(item('4 - 1 5/9')).relation, 'multiple');
  assert.equal(measure(item('5 1/6 - 2 3/4')).relation, 'shared-factor');
  fc.assert(
    fc.property(anyItem, (given) => {
      const { minuend, subtrahend } = given;
      const found = measure(given);
      const difference = value(minuend).sub(value(subtrahend));
      const common = Number(found.commonDenominator);
      let least = 1;
      while (least % minuend.denominator || least % subtrahend.denominator) least++;
      assert.equal(common, least);
      assert.equal(
        found.regroups,
        value({ ...minuend, whole: 0 }).compare(value({ ...subtrahend, whole: 0 })) < 0
      );
      assert.equal(found.wholeVanishes, difference.compare(1) < 0);
      assert.equal(found.simplifies, Number(difference.d) < common && Number(difference.d) > 1);
      const sizes = [minuend, subtrahend].map(({ denominator }) => denominator);
      assert.equal(found.largestDenominator, Math.max(...sizes));
      assert.equal(found.largestWhole, Math.max(minuend.whole, subtrahend.whole));
      assert.equal(
        found.friendly,
        sizes.every((size) => ![7, 9, 11].includes(size) && size < 13)
      );
      assert.equal(found.wholeMinuend, Number.isInteger(value(minuend).valueOf()));
      assert.equal(
        found.fractionOnly,
        [minuend, subtrahend].some(({ whole }) => whole === 0)
      );
    })
  );
});

/** Every item with these denominators, that least common one, and a largest whole part in that range. */
function listed(denominators: readonly number[], common: number, range: WholeRange): Given[] {
  const all = operands(range.max, denominators);
  const parts = ({ whole, numerator, denominator }: Operand) =>
    common * whole + (common / denominator) * numerator;
  return all
    .filter(({ whole }) => whole >= range.min)
    .flatMap((minuend) =>
      all
        .filter((subtrahend) => parts(subtrahend) < parts(minuend))
        .map((subtrahend): Given => ({ minuend, subtrahend }))
        .filter((given) => measure(given).commonDenominator === common)
    );
}

interface WholeRange {
  readonly min: number;
  readonly max: number;
}

/** The smallest whole parts, with what is special about them, and the largest. */
const wholeRanges: readonly WholeRange[] = [
  { min: 0, max: 9 },
  { min: 97, max: 99 }
];

test('counts equal those of a list of every item with the common denominator 6', () => {
  for (const largestWhole of wholeRanges) {
    const within = { commonDenominator: { min: 6, max: 6 }, largestWhole };
    const all = listed([1, 2, 3, 6], 6, largestWhole);
    countsAsMeasured({ specs, items: all, measure, within, space: items });
    combinationsAsMeasured(under(within), skill.decidingFeatures, all.map(measure));
    const rare = { ...within, wholeVanishes: true, simplifies: true };
    ranksAsListed(
      under(rare),
      all.filter((given) => {
        const { wholeVanishes, simplifies } = measure(given);
        return wholeVanishes && simplifies;
      }),
      (given) => skill.given.print(given)
    );
  }
});

test('fourths and sixths are all the items with a shared factor and the common denominator 12', () => {
  for (const largestWhole of wholeRanges) {
    const relation = new Set(['shared-factor']);
    const within = { commonDenominator: { min: 12, max: 12 }, relation, largestWhole };
    const all = listed([4, 6], 12, largestWhole);
    countsAsMeasured({ specs, items: all, measure, within, space: items });
  }
});

test('every size of the whole parts is counted', () => {
  const within = { commonDenominator: { min: 6, max: 6 } };
  const sizes = under(within).combinations(['largestWhole']);
  const all = operands(99, [1, 2, 3, 6]);
  const sixths = ({ whole, numerator, denominator }: Operand) =>
    6 * whole + (6 / denominator) * numerator;
  const areSixths = (one: Operand, other: Operand) =>
    [one, other].some(({ denominator }) => denominator === 6) ||
    (one.denominator * other.denominator === 6 && one.denominator !== other.denominator);
  const counts = new Map<number, bigint>();
  for (const one of all) {
    for (const other of all) {
      if (sixths(other) >= sixths(one) || !areSixths(one, other)) continue;
      counts.set(one.whole, (counts.get(one.whole) ?? 0n) + 1n);
    }
  }
  assert.deepEqual(
    new Map(sizes.map(({ features, count }) => [features['largestWhole'], count])),
    counts
  );
});

test('error patterns give the answers worked by hand', () => {
  // The first is the catalogue's. - undefined, = makes no difference. By hand, item by item:
  // switched 7-2, +10 12-7, replaced 9-7, kept 6-3 and 11-7, dropped 5-3.
  // 5 1/6 - 2 3/4 over 12: 2 and 9. switched 3 7/12; 12-9 = 3/12 both by +10 and by replacing; 3 5/12;
  //   combined (3-1)/(6-4) = 1, 3 + 1; over 6: 4 7/6 - 2 3/6 = 2 4/6.
  // 4 - 1 5/9: 0 and 9: switched 3 5/9; 10-5 = 5/9; 9-5, right; 4-1 = 3 4/9; (5-0)/(9-1); over 1: 4 - 6.
  // 7 1/3 - 2 3/4 over 12: 4 and 9: 5 5/12; 14-9; 12-9; 16-9 = 7 and 7-2; (3-1)/(4-3) = 2, 5 + 2; over 3: 6 4/3 - 2 3/3.
  // 5 5/6 - 2 1/3 does not regroup: only (5-1)/(6-3) = 4/3, 3 + 4/3; over 6: 5-1 = 4.
  // 3 1/20 - 1 19/20: 1 + 10 is below 19, so adding ten cannot be carried out.
  const table: [string, Record<string, string>][] = [
    [
      '6 2/9 - 3 7/9',
      {
        switched: '3 5/9',
        ten: '2 5/9',
        replaces: '2 2/9',
        kept: '3 4/9',
        combined: '-',
        ignored: '=',
        dropped: '2'
      }
    ],
    [
      '5 1/6 - 2 3/4',
      {
        switched: '3 7/12',
        ten: '2 1/4',
        replaces: '2 1/4',
        kept: '3 5/12',
        combined: '4',
        ignored: '2 2/3',
        dropped: '2'
      }
    ],
    [
      '4 - 1 5/9',
      {
        switched: '3 5/9',
        ten: '2 5/9',
        replaces: '=',
        kept: '3 4/9',
        combined: '3 5/8',
        ignored: '-',
        dropped: '2'
      }
    ],
    [
      '7 1/3 - 2 3/4',
      {
        switched: '5 5/12',
        ten: '4 5/12',
        replaces: '4 1/4',
        kept: '5 7/12',
        combined: '7',
        ignored: '4 1/3',
        dropped: '4'
      }
    ],
    [
      '5 5/6 - 2 1/3',
      {
        switched: '=',
        ten: '=',
        replaces: '=',
        kept: '=',
        combined: '4 1/3',
        ignored: '3 2/3',
        dropped: '='
      }
    ],
    [
      '3 1/20 - 1 19/20',
      {
        switched: '2 9/10',
        ten: '-',
        replaces: '1 1/20',
        kept: '2 1/10',
        combined: '-',
        ignored: '=',
        dropped: '1'
      }
    ]
  ];
  const ids = [
    ['switched', 'numerators-switched'],
    ['ten', 'regroup-adds-ten'],
    ['replaces', 'regroup-replaces'],
    ['kept', 'whole-not-reduced'],
    ['combined', 'denominators-combined'],
    ['ignored', 'unlike-denominators-ignored'],
    ['dropped', 'fraction-dropped']
  ] as const;
  for (const [line, answers] of table) {
    for (const school of schools) {
      const found = patternAnswers(worked(skill.id, line, school));
      for (const [short, id] of ids) {
        if (id in found) assert.equal(found[id], answers[short], `${line} ${id} in ${school}`);
      }
    }
  }
});

test('any common denominator is right, and what follows from it; the form is judged apart from the value', () => {
  const working = {
    'common.denominator': '12',
    'common.minuend': '10',
    'common.subtrahend': '4',
    'fraction.numerator': '6',
    whole: '3'
  };
  const mark = (answer: string) =>
    markItem(worked(skill.id, '5 5/6 - 2 1/3', 'regroup'), { ...working, answer });
  const right = mark('3 1/2');
  assert.ok(right.steps.every(({ verdict }) => ['correct', 'not-needed'].includes(verdict)));
  assert.deepEqual([right.marks.awarded, right.marks.available, right.flags], [4, 4, []]);
  for (const [answer, form] of [
    ['3 6/12', 'not-simplified'],
    ['3 2/4', 'not-simplified'],
    ['42/12', 'not-simplified'],
    ['7/2', 'improper'],
    ['2 3/2', 'improper-part']
  ] as const) {
    const marked = mark(answer);
    assert.deepEqual([marked.answer.verdict, marked.answer.form], ['correct', [form]]);
    assert.deepEqual(
      marked.marks.lines.map(({ awarded }) => awarded),
      [1, 1, 1, 0]
    );
  }
  assert.equal(mark('3 1/3').answer.verdict, 'slip');
  const bare = markItem(worked(skill.id, '5 5/6 - 2 1/3', 'parts'), { answer: '3 3/6' });
  assert.deepEqual([bare.marks.awarded, bare.marks.available], [3, 4]);
});

test('a house may take an improper fraction in lowest terms; the prompt then leaves it open', () => {
  const either = { ...defaultHouseStyle, fractionAnswers: 'either' as const };
  const given = item('6 2/9 - 3 7/9');
  assert.match(
    skill.prompt(given, defaultHouseStyle),
    / as a mixed number in its simplest form\.$/
  );
  assert.match(
    skill.prompt(item('4 1/3 - 3 2/3'), defaultHouseStyle),
    /\d in its simplest form\.$/
  );
  assert.match(skill.prompt(given, either), /\d in its simplest form\.$/);
  const scheme = skill.scheme(given, 'improper', either);
  const marks = (answer: string) =>
    markItem(worked(skill.id, '6 2/9 - 3 7/9', 'improper'), { answer }, scheme).marks.awarded;
  assert.deepEqual(['22/9', '2 4/9', '44/18', '1 13/9'].map(marks), [2, 2, 1, 1]);
});

test('the common denominator earns a mark only where there are two denominators', () => {
  for (const [line, marks] of [
    ['6 2/9 - 3 7/9', 2],
    ['4 - 1 5/9', 2],
    ['7 1/3 - 2 3/4', 3],
    ['5 5/6 - 2 1/3', 4]
  ] as const) {
    assert.equal(skill.scheme(item(line), 'regroup').marks.length, marks, line);
    const { minuend, subtrahend } = item(line);
    assert.equal(areUnlike(minuend, subtrahend), marks > 2);
  }
});

test('mixed numbers are read as they are written and compared by value', () => {
  const table: [string, string | undefined][] = [
    ['2 4/9', '2 4/9'],
    [' 22/9 ', '22/9'],
    ['2 6 / 9', '2 6/9'],
    ['2', '2'],
    ['0/5', '0'],
    ['2/0', undefined],
    ['2 4', undefined],
    ['2.5', undefined],
    ['-1/2', undefined],
    ['', undefined]
  ];
  for (const [written, printed] of table) {
    const mixed = parseMixed(written);
    assert.equal(mixed && printMixed(mixed), printed, written);
  }
  const big = fc.bigInt({ min: 1n, max: 10n ** 12n });
  fc.assert(
    fc.property(big, big, big, big, (a, b, c, d) => {
      const [one, other] = [parseMixed(`${a}/${b}`)!, parseMixed(`${c}/${d}`)!];
      assert.equal(sameMixed(one, other), new Fraction(a, b).equals(new Fraction(c, d)));
    })
  );
});
