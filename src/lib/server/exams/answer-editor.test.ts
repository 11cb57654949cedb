import assert from 'node:assert/strict';
import { test } from 'node:test';
import { partKey, partsIn, type Exam, type PaperPart } from '@zealous-quill/core/exams';
import { OWN_QUESTION } from '@zealous-quill/core/catalogue';
import { difficultyOf, skillOf } from '@zealous-quill/core/skill';
import { availableMarks } from '@zealous-quill/core/schemes';
import { department, sample } from '../database/sat-exam.test-helper';
import { readExam } from '../database/exams/exams';
import { readForms } from '../database/exams/forms';
import { answerExam, type ExamAsk } from './answer-editor';
import { drawForms, failedWords } from './draw-forms';

const { db, id } = department();
const signal = new AbortController().signal;
const ask = (want: ExamAsk['want'], exam: Exam = sample, turn = 1) =>
  answerExam(db, id, { exam, turn, want }, signal);
const parts = partsIn(sample);
const skilled = parts.filter(({ skill }) => skill !== OWN_QUESTION);
const own = parts.find(({ skill }) => skill === OWN_QUESTION)!;
const itemKey = ({ skill }: PaperPart, given: unknown) => skillOf(skill).itemKey(given);

test('facts come for every part; of an exam that cannot be read there are none', async () => {
  const answer = await ask({ what: 'facts' });
  assert.ok(answer.ok);
  assert.deepEqual(Object.keys(answer.facts).toSorted(), parts.map(partKey).toSorted());
  const [first] = sample.sections;
  const broken = {
    ...sample,
    sections: [
      {
        ...first!,
        questions: [
          { ...first!.questions[0]!, parts: [{ ...skilled[0]!, given: { nothing: true } }] }
        ]
      }
    ]
  };
  const none = await ask({ what: 'facts' }, broken);
  assert.ok(none.ok);
  assert.deepEqual(none.facts, {});
});

test('other items are worth as much and stand nowhere on the exam; those of one turn are always the same', async () => {
  const some = skilled.slice(0, 6);
  const want = { what: 'other', parts: some.map((part) => part.id) } as const;
  const answer = await ask(want);
  assert.ok(answer.ok);
  const drawn = some.filter((part) => part.id in answer.given);
  assert.ok(drawn.length > 0);
  for (const part of drawn) {
    const given: unknown = answer.given[part.id];
    const skill = skillOf(part.skill);
    assert.ok(skill.given.schema.safeParse(given).success);
    assert.ok(
      skilled
        .filter((one) => one.skill === part.skill)
        .every((one) => itemKey(one, one.given) !== itemKey(part, given)),
      part.skill
    );
    const worth = (one: unknown) => availableMarks(skill.scheme(one, part.school));
    assert.equal(worth(given), worth(part.given), part.skill);
    const hardness = (one: unknown) => difficultyOf(skill.weights, skill.measure(one));
    assert.ok(Math.abs(hardness(given) - hardness(part.given)) <= 1, part.skill);
    assert.ok(partKey({ ...part, given }) in answer.facts);
  }
  assert.deepEqual(await ask(want), answer);
  const next = await ask(want, sample, 2);
  assert.ok(next.ok);
  assert.notDeepEqual(next.given, answer.given);
});

test('for an own question, or a part that is gone, nothing is drawn', async () => {
  for (const gone of [own.id, 'p999']) {
    const answer = await ask({ what: 'other', parts: [gone] });
    assert.deepEqual(answer, { ok: false, message: 'There is nothing to draw.' });
  }
});

test('a typed item is read as its skill reads it, and what cannot be read says how it is typed', async () => {
  for (const part of skilled.slice(0, 12)) {
    const { given } = skillOf(part.skill);
    const line = given.print(part.given);
    const answer = await ask({ what: 'read', part: part.id, line });
    assert.ok(answer.ok, line);
    assert.deepEqual(answer.given[part.id], part.given);
    assert.ok(partKey(part) in answer.facts);
    assert.deepEqual(await ask({ what: 'read', part: part.id, line: 'lanterns' }), {
      ...{ ok: false, message: given.howToType }
    });
  }
  const gone = await ask({ what: 'read', part: own.id, line: '1 + 1' });
  assert.deepEqual(gone, { ok: false, message: 'This part is not there any more.' });
});

test('a new part is an item of the ladder that is not on the exam; an own question is still to be written', async () => {
  const answer = await ask({ what: 'new', kind: 'bare', skill: 'doubling' });
  assert.ok(answer.ok && answer.added);
  const { added } = answer;
  assert.deepEqual(
    [added.kind, added.skill, added.edited, added.locked],
    [...['bare', 'doubling', false, false]]
  );
  const taken = skilled.filter(({ skill }) => skill === 'doubling');
  const isNew = taken.every((part) => itemKey(part, part.given) !== itemKey(part, added.given));
  assert.ok(isNew);
  const written = await ask({ what: 'new', kind: 'own', skill: '' });
  assert.ok(written.ok);
  assert.equal(written.added?.skill, OWN_QUESTION);
  assert.deepEqual(await ask({ what: 'new', kind: 'bare', skill: 'lanterns' }), {
    ...{ ok: false, message: 'There is no such skill.' }
  });
});

test('forms are drawn in the place of those of their kind, and refused where there is nobody to draw them for', async () => {
  const letters = await drawForms(db, id, { what: 'letters', count: 3 }, signal);
  assert.deepEqual(letters, { ok: true });
  const kinds = () => readForms(db, id).map(({ kind }) => kind);
  assert.equal(kinds().filter((kind) => kind === 'letter').length, 3);
  assert.deepEqual(await drawForms(db, id, { what: 'letters', count: 2 }, signal), { ok: true });
  assert.equal(kinds().filter((kind) => kind === 'letter').length, 2);
  const none = await drawForms(db, id, { what: 'pupils', classId: 999 }, signal);
  assert.deepEqual(none, { ok: false, code: 'no-pupils' });
  assert.deepEqual(await drawForms(db, id, { what: 'none' }, signal), { ok: true });
  assert.ok(kinds().every((kind) => kind === 'letter' && readForms(db, id).length === 1));
  assert.deepEqual(await drawForms(db, 999, { what: 'none' }, signal), {
    ...{ ok: false, code: 'missing' }
  });
  assert.ok(Object.values(failedWords).every((words) => /^[A-Z].+\.$/.test(words)));
  assert.ok(readExam(db, id));
});
