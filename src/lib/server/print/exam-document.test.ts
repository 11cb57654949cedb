import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  emptyCover,
  partsIn,
  placedParts,
  unwritten,
  type Exam,
  type PaperPart
} from '@zealous-quill/core/exams';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { OWN_QUESTION } from '@zealous-quill/core/catalogue';
import { seededRandom } from '@zealous-quill/core/spaces';
import { sampleExam } from '../../../../core/exams/sample.test-helper';
import { readPdf } from '../../../../scripts/test/pdf-text';
import { renderPdf, sectionPlaces } from './compile';
import { examDocument } from './exam-document';
import { examPrintKinds, type ExamPrint, type ExamPrintKind } from './exam-print';

const form = (letter: string, given: Record<string, unknown> = {}) => ({
  ...{ kind: 'letter' as const, letter, given, name: null, group: null, kept: null }
});

const asked = (exam: Exam, kind: ExamPrintKind, more: Partial<ExamPrint> = {}): ExamPrint => ({
  ...{ exam, kind, edition: 3, isApproved: true, forms: [form('A')], isOneOfMany: false, size: 0 },
  ...{ style: defaultHouseStyle, defaults: {} },
  ...more
});

const printed = (exam: Exam, kind: ExamPrintKind, more: Partial<ExamPrint> = {}) =>
  readPdf(renderPdf({ ...examDocument(asked(exam, kind, more)), pictures: {} }));

const plain = (text: string) => text.replace(/\s/g, '');
const exam = sampleExam();

/** An exam of own questions, by what their parts ask. */
function ownExam(questions: readonly (readonly { text: string; height: number }[])[]): Exam {
  const part = (text: string, height: number, id: string): PaperPart => ({
    ...{ id, row: '', kind: 'own', skill: OWN_QUESTION, school: 'written', locked: false },
    ...{ edited: true, guidance: '', space: { kind: 'lines', height } },
    given: { ...unwritten(2, 1, 0), text }
  });
  return {
    ...{ title: 'Assessment', seed: 1, cover: emptyCover },
    sections: [
      {
        ...{ id: 'main', title: '', instruction: '', calculator: false },
        questions: questions.map((parts, at) => ({
          ...{ id: `q${at}`, stem: '', startsPage: false },
          parts: parts.map(({ text, height }, own) => part(text, height, `p${at}-${own}`))
        }))
      }
    ]
  };
}

test('every print of an exam is tagged, says which it is, and has all its parts', async () => {
  for (const kind of examPrintKinds) {
    const { text, pages, isTagged } = await printed(exam, kind);
    assert.ok(isTagged, kind);
    assert.match(text, /Edition 3 · seed 3/, kind);
    assert.match(text, new RegExp(`1 of ${pages}`), kind);
    assert.doesNotMatch(text, /DRAFT/, kind);
    for (const { number } of placedParts(exam))
      assert.match(text, new RegExp(`\\b${number}\\b`), kind);
  }
});

test('a paper gives no answer away, and asks all that the key answers', () => {
  const document = examDocument(asked(exam, 'paper'));
  const parts = document.papers[0]!.sections.flatMap(({ questions }) =>
    questions.flatMap((question) => question.parts)
  );
  assert.equal(parts.length, partsIn(exam).length);
  for (const { picture, explanation, scheme, label } of parts) {
    const written = (picture?.marks ?? []).filter(
      ({ role, text }) => (role === 'digit' || role === 'carry') && text !== ''
    );
    assert.deepEqual([written, explanation, scheme], [[], [], null], label);
  }
  const { keys } = examDocument(asked(exam, 'key'));
  assert.ok(
    keys.every(({ answers: [answer] }) => answer !== ''),
    'every part has an answer'
  );
});

test('a draft says so, the back of the last page too, and who turns over is told', async () => {
  const { texts, pages } = await printed(exam, 'paper', { isApproved: false });
  assert.equal(pages % 2, 0);
  assert.ok(
    texts.every((page) => plain(page).includes('DRAFT')),
    'on every page'
  );
  const isEmpty = (page: string) => page.includes('This page is left empty.');
  const last = texts.findLastIndex((page) => !isEmpty(page));
  assert.ok(
    texts.every((page, at) => page.includes('Turn over') === (at % 2 === 0 && at < last)),
    'on the front of a sheet with something behind it'
  );
});

test('large print has all that the usual one has', async () => {
  const words = async (size: 0 | 18 | 24) => {
    const { texts, pages } = await printed(exam, 'paper', { size });
    // What stands at the foot of every page is looked at elsewhere.
    const foot =
      /Edition 3 · seed 3 · Zealous Quill \d+\.\d+\.\d+|\d+\s+of\s+\d+|Turn over|This page is left empty\./g;
    return { pages, words: plain(texts.join('\n').replace(foot, '')) };
  };
  const usual = await words(0);
  for (const size of [18, 24] as const) {
    const large = await words(size);
    assert.ok(large.pages > usual.pages, `${size} points`);
    assert.equal(large.words, usual.words, `${size} points`);
  }
});

test('no question is split that fits on a page; one that is longer is, and loses nothing', async () => {
  const random = seededRandom(20);
  const height = (most: number) => 1 + (Math.abs(random.next()) % most);
  const questions = Array.from({ length: 24 }, (_, at) =>
    ['a', 'b', 'c'].slice(0, 1 + (at % 3)).map((part) => ({
      text: `quarry${at}${part}`,
      // Up to nearly a page together, the last one longer than any page.
      height: at === 23 ? 20 : height(9)
    }))
  );
  const { texts } = await printed(ownExam(questions), 'paper');
  const pageOf = (word: string) => texts.findIndex((page) => new RegExp(`${word}\\b`).test(page));
  for (const [at, parts] of questions.entries()) {
    const pages = parts.map(({ text }) => pageOf(text));
    assert.ok(!pages.includes(-1), `question ${at + 1} is all there`);
    if (at < 23) assert.equal(new Set(pages).size, 1, `question ${at + 1}`);
    else assert.ok(new Set(pages).size > 1, 'the long one');
  }
});

test('nothing that is typed becomes markup: questions, stems, titles, instructions, units, formulas', async () => {
  const hostile = [
    '#set page(fill: red) *bold* _slant_ `code` <label> @ref',
    '= No heading \\ // no comment /* none */ ~ -- --- "quoted"',
    '#panic("no") [#image("data.json")] #{ 1 + 1 } 24/11/2026',
    '$x^2 + #read("data.json")$ and $sum_(i=0)^n$ @all'
  ];
  const ink = hostile.map((text) => plain(text.replace(/[$^]/g, '')));
  for (const [at, text] of hostile.entries()) {
    const typed = ownExam([[{ text, height: 1 }]]);
    const [section] = typed.sections;
    const cover = { ...emptyCover, level: text, allowed: text, instructions: text, formulas: text };
    const all: Exam = {
      ...typed,
      ...{ title: text, cover },
      sections: [
        {
          ...section!,
          title: text,
          instruction: text,
          questions: [{ ...section!.questions[0]!, stem: text }]
        }
      ]
    };
    for (const kind of ['paper', 'scheme'] as const) {
      const found = plain((await printed(all, kind)).text);
      const isThere = at === 3 ? found.includes('read("data.json")') : found.includes(ink[at]!);
      assert.ok(isThere, `${kind}: ${text}`);
    }
  }
});

test('of several forms one key has all answers, and the screen knows on which page a question begins', async () => {
  const own = ownExam([
    [{ text: 'What is lit first?', height: 2 }],
    [{ text: 'And then?', height: 28 }]
  ]);
  const { keys, forms } = examDocument(
    asked(exam, 'key', { forms: [form('A'), form('B')], isOneOfMany: true })
  );
  assert.deepEqual(forms, ['A', 'B']);
  assert.ok(
    keys.every(({ answers }) => answers.length === 2),
    'an answer for each form'
  );
  const places = sectionPlaces({ ...examDocument(asked(own, 'paper')), pictures: {} });
  assert.deepEqual(
    places.map(({ id, page }) => [id, page]),
    [
      ['q0', 2],
      ['q1', 3]
    ]
  );
});
