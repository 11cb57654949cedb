import assert from 'node:assert/strict';
import { test } from 'node:test';
import { partKey, partsIn, questionsIn, type Exam } from '@zealous-quill/core/exams';
import { factsOfSample, sampleExam } from '../../../../core/exams/sample.test-helper';
import { Draft } from '../draft.svelte';
import { Clock, settled, Store, Tab } from '../draft.test-helper';
import { ExamEditor, type Answer, type Ask } from './exam-editor.svelte';

const whole = sampleExam();
const facts = factsOfSample(whole);

/** An editor of the sample, and everything it asked; `reply` answers, or keeps it waiting. */
function editing(
  reply: (want: Parameters<Ask>[0]['want'], exam: Exam) => Answer | Promise<Answer>
) {
  const store = new Store<Exam>(whole);
  const draft = new Draft<Exam>({
    ...{ value: whole, version: 1, keeper: new Tab(), timers: new Clock() },
    save: store.save
  });
  const asked: Parameters<Ask>[0][] = [];
  const ask: Ask = async (one) => {
    asked.push(one);
    return reply(one.want, one.exam);
  };
  const [first] = partsIn(whole);
  const met = { [partKey(first!)]: 'met by 7 Amber' };
  return { editor: new ExamEditor(draft, { facts, met }, ask), asked };
}

const [first, second] = partsIn(whole);
const other = { addends: ['198', '57'] };
/** What is known of an exam, a made-up part being like the first. */
const knownOf = (exam: Exam) =>
  Object.fromEntries(
    partsIn(exam).map((part) => [partKey(part), facts[partKey(part)] ?? facts[partKey(first!)]!])
  );

test('another item stands in the place of the old one; it was not typed, and what is known of it is learnt', async () => {
  const { editor, asked } = editing((want, exam) => {
    assert.equal(want.what, 'other');
    const changed = { ...first!, given: other, edited: false };
    return {
      ok: true,
      given: { [first!.id]: other },
      facts: { ...knownOf(exam), [partKey(changed)]: facts[partKey(first!)]! }
    };
  });
  assert.equal(editor.metBy(first!), 'met by 7 Amber');
  await editor.other([first!.id]);
  const [now] = partsIn(editor.exam);
  assert.deepEqual([now!.given, now!.edited, now!.locked], [other, false, first!.locked]);
  assert.equal(editor.metBy(now!), '');
  assert.ok(partKey(now!) in editor.facts);
  assert.equal(editor.edited, questionsIn(whole)[0]!.id);
  assert.deepEqual(
    asked.map(({ want }) => want),
    [{ what: 'other', parts: [first!.id] }]
  );
});

test('a typed item is kept and locked; one that is none says so beside its part, until the next try', async () => {
  let isRead = false;
  const { editor } = editing(() =>
    isRead
      ? { ok: true, given: { [second!.id]: other }, facts: {}, met: {} }
      : { ok: false, message: 'Write two numbers.' }
  );
  assert.equal(await editor.read(second!.id, 'x'), false);
  assert.equal(editor.problems[second!.id], 'Write two numbers.');
  assert.deepEqual(partsIn(editor.exam)[1], second);
  isRead = true;
  assert.equal(await editor.read(second!.id, '198 + 57'), true);
  assert.equal(editor.problems[second!.id], '');
  const now = partsIn(editor.exam)[1]!;
  assert.deepEqual([now.given, now.edited, now.locked], [other, true, true]);
});

test('a new part comes last in its section, and only if there is one', async () => {
  const added = { ...first!, guidance: 'new' };
  let has = false;
  const { editor, asked } = editing((want, exam) =>
    want.what === 'new' && !has
      ? { ok: false, message: 'There is none.' }
      : { ok: true, given: {}, facts: knownOf(exam), ...(want.what === 'new' && { added }) }
  );
  await editor.add('B', 'bare', 'doubling');
  assert.equal(editor.problems['new'], 'There is none.');
  assert.deepEqual(editor.exam, whole);
  has = true;
  await editor.add('B', 'bare', 'doubling');
  const last = partsIn(editor.exam).at(-1)!;
  assert.equal(last.guidance, 'new');
  assert.ok(partsIn(whole).every(({ id }) => id !== last.id));
  assert.equal(editor.edited, questionsIn(editor.exam).at(-1)!.id);
  // What is not known of the new part is asked for, once.
  assert.deepEqual(
    asked.map(({ want }) => want.what),
    ['new', 'new', 'facts']
  );
  await editor.learn();
  assert.equal(asked.length, 3);
  await editor.learnAnew();
  assert.equal(asked.length, 4);
});

test('what is asked is answered one after another, each of the exam as it then stands', async () => {
  const waiting: ((answer: Answer) => void)[] = [];
  const { editor, asked } = editing(() => new Promise<Answer>((resolve) => waiting.push(resolve)));
  const both = [editor.other([first!.id]), editor.other([second!.id])];
  await settled();
  assert.deepEqual([asked.length, editor.isBusy], [1, true]);
  waiting[0]!({ ok: true, given: { [first!.id]: other }, facts: {} });
  await settled();
  assert.equal(asked.length, 2);
  assert.deepEqual(partsIn(asked[1]!.exam)[0]!.given, other);
  assert.ok(asked[1]!.turn > asked[0]!.turn);
  waiting[1]!({ ok: false, message: 'There is no other.' });
  await Promise.all(both);
  assert.deepEqual([editor.isBusy, editor.problems[second!.id]], [false, 'There is no other.']);
  assert.deepEqual(partsIn(editor.exam)[1], second);
});

test('until more is known of a changed part, what was known of it is shown', () => {
  const { editor } = editing(() => new Promise<Answer>(() => undefined));
  void editor.changePart(first!.id, (part) => ({ ...part, given: other }));
  const shown = editor.outline.parts.find(({ part }) => part.id === first!.id)!;
  assert.deepEqual(shown.facts, facts[partKey(first!)]);
});

test('a part presented otherwise tells what it is worth now, until it is changed again', async () => {
  const bare = partsIn(whole).find(({ kind }) => kind === 'set-out')!;
  const marks = facts[partKey(bare)]!.marks;
  const { editor } = editing((_, exam) => ({
    ...{ ok: true, given: {} },
    facts: Object.fromEntries(
      Object.entries(knownOf(exam)).map(([key, own]) => [
        key,
        JSON.parse(key)[0] === bare.id ? { ...own, marks: marks + 1 } : own
      ])
    )
  }));
  const part = () => partsIn(editor.exam).find(({ id }) => id === bare.id)!;
  await editor.present(bare.id, 'bare');
  assert.equal(part().kind, 'bare');
  assert.match(editor.toldOf(part()), /^Worth \d+ marks? now; it was worth/);
  await editor.changePart(bare.id, (one) => ({ ...one, given: other }));
  assert.equal(editor.toldOf(part()), '');
});
