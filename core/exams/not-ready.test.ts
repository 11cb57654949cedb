import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { OWN_QUESTION } from '../catalogue';
import { partsIn, placedParts, unwritten, withPart, type Exam } from '.';
import { notReady, notReadyWords } from './not-ready';
import { sampleExam } from './sample.test-helper';

const exam = sampleExam();
const own = partsIn(exam).filter(({ skill }) => skill === OWN_QUESTION);
const labelOf = (id: string) => placedParts(exam).find(({ part }) => part.id === id)!.label;
const withOwn = (one: Exam, id: string, given: object) =>
  withPart(one, id, (part) => ({ ...part, given: { ...(part.given as object), ...given } }));

test('an approved exam with all its questions and keys is ready; a draft is not', () => {
  assert.deepEqual(notReady(exam, 'approved'), []);
  for (const state of ['draft', 'checked']) {
    assert.deepEqual(notReady(exam, state), [{ why: 'draft', parts: [] }]);
  }
});

test('a question that is not written, and a key that is missing, are named by their parts', () => {
  const [one, other] = own as [(typeof own)[number], (typeof own)[number]];
  const placeholder = withOwn(exam, one.id, unwritten(1, 1, 0));
  assert.deepEqual(notReady(placeholder, 'approved'), [
    { why: 'placeholder', parts: [labelOf(one.id)] }
  ]);
  const keyless = withOwn(placeholder, other.id, { answerKind: 'number', answer: ' ' });
  assert.deepEqual(
    notReady(keyless, 'draft').map(({ why }) => why),
    ['draft', 'placeholder', 'no-key']
  );
  assert.deepEqual(notReady(keyless, 'draft').map(notReadyWords), [
    'The exam is not approved yet.',
    `Part ${labelOf(one.id)} is not written yet.`,
    `Part ${labelOf(other.id)} has no answer in the key.`
  ]);
});
