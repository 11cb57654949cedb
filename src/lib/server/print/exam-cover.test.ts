import assert from 'node:assert/strict';
import { test } from 'node:test';
import { partsIn, withSection, type Exam } from '@zealous-quill/core/exams';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { sampleExam } from '../../../../core/exams/sample.test-helper';
import { examDocument } from './exam-document';
import type { ExamPrint } from './exam-print';

const exam = sampleExam();

const documentOf = (exam: Exam, more: Partial<ExamPrint> = {}) =>
  examDocument({
    ...{ exam, kind: 'paper', edition: 1, isApproved: true, isOneOfMany: false, size: 0 },
    forms: [{ kind: 'letter', letter: 'A', given: {}, name: null, group: null, kept: null }],
    ...{ style: defaultHouseStyle, defaults: {} },
    ...more
  });

const questionsOf = (one: Exam, more: Partial<ExamPrint> = {}) =>
  documentOf(one, more).papers[0]!.sections.flatMap(({ questions }) => questions);

test('the cover says in words whether and where a calculator may be used, and what each section is worth', () => {
  const only = (allowed: readonly string[]) =>
    ['A', 'B'].reduce(
      (own, id) => withSection(own, id, (one) => ({ ...one, calculator: allowed.includes(id) })),
      exam
    );
  const words = (allowed: readonly string[]) => documentOf(only(allowed)).cover.calculator;
  assert.equal(words([]), 'No calculator');
  assert.equal(words(['A', 'B']), 'Calculator allowed');
  assert.equal(words(['B']), 'Calculator in Section B only');
  const { sections, marks } = documentOf(only(['B'])).cover;
  assert.deepEqual(
    sections.map(({ title, note }) => [title, note]),
    [
      ['Section A', 'no calculator'],
      ['Section B', 'calculator']
    ]
  );
  assert.equal(
    sections.reduce((sum, one) => sum + one.marks, 0),
    marks
  );
});

test('where answers are given in several ways each has an example; where all are alike there is none', () => {
  assert.deepEqual(documentOf(exam).cover.answering, ['choice', 'line', 'squares']);
  const bare = {
    ...exam,
    sections: exam.sections.map((section) => ({
      ...section,
      questions: section.questions.filter(({ parts }) => parts.every(({ kind }) => kind === 'bare'))
    }))
  };
  assert.deepEqual(documentOf(bare).cover.answering, []);
});

test('only short single parts stand in twos, and never in large print', () => {
  for (const { isNarrow, parts } of questionsOf(exam)) {
    const [{ picture, space, prompt, options }] = parts as [(typeof parts)[number]];
    if (!isNarrow) continue;
    assert.equal(parts.length, 1);
    assert.equal(options.length, 0);
    assert.ok(prompt.map(({ text }) => text).join('').length <= 34);
    assert.ok(picture ? picture.width * defaultHouseStyle.squares <= 72 : space.kind === 'line');
  }
  assert.ok(questionsOf(exam).some(({ isNarrow }) => isNarrow));
  assert.ok(questionsOf(exam, { size: 18 }).every(({ isNarrow }) => !isNarrow));
});

test('working that is shown has squares across the page, in every size of squares', () => {
  const shown = partsIn(exam).filter(({ kind }) => kind === 'show-working');
  for (const squares of [5, 7, 10] as const) {
    const style = { ...defaultHouseStyle, squares };
    const parts = questionsOf(exam, { style }).flatMap((question) => question.parts);
    const wide = parts.filter(({ picture }) => picture && picture.width * squares > 158 - squares);
    assert.ok(wide.length >= shown.length, `${squares} mm: ${wide.length} of ${shown.length}`);
    assert.ok(
      parts.every(
        ({ picture }) => !picture || picture.marks.length > 0 || picture.width * squares <= 158
      )
    );
  }
});

test('a section that is all done in the head says so once, and its prompts do not', () => {
  const isMental = (kind: string, skill: string) =>
    kind === 'bare' &&
    ['complement', 'doubling', 'near-doubles', 'bridge-addition'].includes(skill);
  const [section] = exam.sections;
  const questions = exam.sections
    .flatMap((one) => one.questions)
    .filter(({ parts }) => parts.every(({ kind, skill }) => isMental(kind, skill)));
  assert.ok(questions.length > 0);
  const own = { ...exam, sections: [{ ...section!, questions }] };
  const [printed] = documentOf(own).papers[0]!.sections;
  assert.match(printed!.note, /in your head/);
  const prompts = printed!.questions.flatMap(({ parts }) => parts.flatMap(({ prompt }) => prompt));
  assert.ok(prompts.every(({ text }) => !text.includes('in your head')));
  const mixed = documentOf(exam).papers[0]!.sections[0]!;
  assert.doesNotMatch(mixed.note, /in your head/);
});
