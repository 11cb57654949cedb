import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../../catalogue/all';
import { defaultHouseStyle } from '../../house-style';
import { markItem } from '../../marking';
import { isAnswerOnly } from '../../schemes';
import { skillOf, WorkedItem } from '../../skill';
import type { OwnQuestion } from './index';
import { answerOfSteps, worthOfSteps, type OwnStep } from './steps';

const skill = skillOf('own-question');

/** The lamp works makes 750 and 488 lamps, sends three times as many as that, and 12.5 kg are left out of the weight. */
const steps: readonly OwnStep[] = [
  { label: 'Lamps made', expression: '750 + 488', marks: 1 },
  { label: 'Weight of all', expression: 'a × 3', marks: 1 },
  { label: 'Weight that is sent', expression: 'b − 12.5', marks: 2 }
];
const question = (more: Partial<OwnQuestion> = {}): OwnQuestion => ({
  ...{ text: 'How much is sent?', answerKind: 'number', answer: answerOfSteps(steps), unit: 'kg' },
  ...{ marks: 4, minutes: 4, difficulty: 0, guidance: '', steps: [...steps] },
  ...more
});
const itemOf = (own: OwnQuestion) => new WorkedItem(skill, own, 'written');

/** Judged by hand before the marking was asked: own figures are followed, one slip of arithmetic keeps its method. */
const judged: readonly (readonly [working: Record<string, string>, marks: string, why: string])[] =
  [
    [{ 'named.0': '1238', 'named.1': '3714', answer: '3701.5' }, '1 1 2', 'all right'],
    [{ answer: '3701.5 kg' }, '1 1 2', 'the right answer alone shows all of it'],
    [{ 'named.0': '1228', 'named.1': '3684', answer: '3671.5' }, '1 1 0', 'one slip, carried on'],
    [{ 'named.0': '262', 'named.1': '786', answer: '773.5' }, '0 1 0', 'taken away, carried on'],
    [{ 'named.0': '1238', 'named.1': '1241', answer: '1228.5' }, '1 0 0', '3 added'],
    [{ 'named.0': '1238', 'named.1': '3714', answer: '3726.5' }, '1 1 0', 'added at the end'],
    [{ answer: '3726.5' }, '0 0 0', 'a wrong answer alone shows nothing'],
    [{ 'named.0': '1238' }, '1 0 0', 'stops after the first step'],
    [{ 'named.0': '1,238', 'named.1': '3714 kg', answer: '3701 1/2' }, '1 1 2', 'in another dress']
  ];

test('own questions are marked step by step, with own figures carried through', () => {
  const item = itemOf(question());
  assert.equal(item.answer, '3701.5');
  assert.equal(isAnswerOnly({ kind: 'own', scheme: item.scheme }), false);
  for (const [working, marks, why] of judged) {
    const { lines } = markItem(item, working).marks;
    assert.equal(lines.map(({ awarded }) => awarded).join(' '), marks, why);
  }
});

test('a question without steps is marked by its answer alone, as before', () => {
  const item = itemOf(question({ answer: '3701.5', steps: undefined }));
  assert.equal(isAnswerOnly({ kind: 'own', scheme: item.scheme }), true);
  assert.equal(markItem(item, { answer: '3701.5 kg' }).marks.awarded, 4);
});

test('steps that cannot be worked out yet leave the question as it was; marks that do not add up are refused', () => {
  const unfinished = question({ steps: [{ label: '', expression: '', marks: 1 }, ...steps] });
  assert.deepEqual(
    itemOf(unfinished).graph.steps.map(({ id }) => id),
    ['answer']
  );
  assert.ok(skill.given.schema.safeParse(question()).success);
  assert.ok(skill.given.schema.safeParse(unfinished).success);
  assert.ok(!skill.given.schema.safeParse(question({ marks: 5 })).success);
});

test('a step uses those before it alone, and each says what was worked out by what', () => {
  const step = (expression: string): OwnStep => ({ label: '', expression, marks: 1 });
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('2', 'a', 'b', 'c + 1', 'a × b'), { maxLength: 5 }),
      (some) => {
        worthOfSteps(some.map(step)).forEach((worth, at) => {
          const later = [...'abcdefgh'].slice(at);
          if (later.some((name) => some[at]!.includes(name))) assert.equal(worth, undefined);
        });
      }
    ),
    { seed: 27 }
  );
  const item = itemOf(question());
  const said = item.graph.steps.map((one) => item.explain(one, defaultHouseStyle));
  assert.deepEqual(
    item.scheme.marks.map((mark) => skill.earns(mark, question())),
    ['lamps made: 750 + 488', 'weight of all: 1238 × 3', undefined]
  );
  assert.deepEqual(said, [
    'Lamps made: 750 + 488 = 1238 kg.',
    'Weight of all: 1238 × 3 = 3714 kg.',
    'Weight that is sent: 3714 − 12.5 = 3701.5 kg.'
  ]);
});
