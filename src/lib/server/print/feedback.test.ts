import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { resultsOf, type MarkedOutcome, type SatPart } from '@zealous-quill/core/results';
import { schemeOf, independent } from '@zealous-quill/core/schemes';
import '@zealous-quill/core/catalogue/all';
import { feedbackDocument } from './feedback';

const DROPPED = 'column-addition/carry-dropped';

const part = (
  number: number,
  skill: string,
  marks: number,
  more: Partial<SatPart> = {}
): SatPart => ({
  ...{ id: number, number, label: String(number), withdrawn: 'no' },
  scheme: schemeOf(independent('answer', { value: marks })),
  item: { skill, school: 'columns', prompt: '', answer: '', errorPatterns: [] },
  ...more
});

const outcome = (awarded: number, available: number, didShow: string[] = []): MarkedOutcome => ({
  ...{ awarded, proposed: awarded, available, didShow, couldShow: [DROPPED], flags: [] },
  ...{ verdict: awarded === available ? 'correct' : 'slip', attempt: 'written', comment: '' }
});

/** Three sums on each of which the carry is dropped, half of a division, and a part that is left out. */
const parts = [
  ...[1, 2, 3].map((number) => part(number, 'column-addition', 2)),
  part(4, 'short-division', 2),
  part(5, 'short-division', 2, { withdrawn: 'left-out' })
];
const outcomes = [
  ...[1, 2, 3].map(() => outcome(1, 2, [DROPPED])),
  { ...outcome(1, 2), couldShow: [] },
  { ...outcome(2, 2), couldShow: [] }
];
const script = {
  ...{ id: 1, sittingId: 1, form: '', name: 'Oona Fell', isAbsent: false, changed: 0 },
  outcomes
};
const results = resultsOf(parts, [script], defaultHouseStyle);
const sitting = { title: 'Lantern counts', className: '7 Amber', satOn: '2026-11-12' };

const slipWith = (boundaries: readonly { grade: string; from: number }[]) =>
  feedbackDocument(sitting, results, { style: defaultHouseStyle, boundaries }).slips[0]!;

test('a slip says what was earned in each skill, and a part that is left out says so', () => {
  const { total, items, skills } = slipWith([]);
  assert.equal(total, 4);
  assert.deepEqual(
    items.map(({ marks }) => marks),
    ['1 / 2', '1 / 2', '1 / 2', '1 / 2', 'left out']
  );
  assert.deepEqual(
    skills.map(({ title, earned, available }) => [title, earned, available]),
    [
      ['Column addition', 3, 6],
      ['Short division', 1, 2]
    ]
  );
});

test('what to practise names the error that is probably held, then the skills in which little was earned', () => {
  const { practise } = slipWith([]);
  assert.deepEqual(
    practise.map(({ title }) => title),
    ['Column addition', 'Short division']
  );
  assert.match(practise[0]!.watch, /carry/);
  assert.equal(practise[1]!.watch, '');
});

test('a grade stands on the slip only where boundaries are set', () => {
  assert.equal(slipWith([]).grade, '');
  const boundaries = [
    { grade: 'secure', from: 6 },
    { grade: 'on the way', from: 3 }
  ];
  assert.equal(slipWith(boundaries).grade, 'on the way');
});

test('a skill of which nothing is marked yet is neither a bar nor to be practised', () => {
  const begun = resultsOf(
    parts,
    [{ ...script, outcomes: [outcome(2, 2), null, null, null, null] }],
    defaultHouseStyle
  );
  const { slips } = feedbackDocument(sitting, begun, { style: defaultHouseStyle });
  assert.deepEqual(slips[0]!.skills, [{ title: 'Column addition', earned: 2, available: 2 }]);
  assert.deepEqual(slips[0]!.practise, []);
});

test('a slip shows where parts first went wrong, with the right step, and not where all marks were earned', () => {
  const firstSlip = { label: 'Digit of the tens', written: '3', right: '1.5' };
  const told = [
    { ...outcome(1, 2), firstSlip },
    { ...outcome(2, 2), firstSlip },
    ...outcomes.slice(2)
  ];
  const style = { ...defaultHouseStyle, decimalMark: 'comma' as const };
  const { slips } = feedbackDocument(
    sitting,
    resultsOf(parts, [{ ...script, outcomes: told }], style),
    { style }
  );
  assert.deepEqual(slips[0]!.wrong, [
    { label: '1', step: 'Digit of the tens', written: '3', right: '1,5' }
  ]);
});
