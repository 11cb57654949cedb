import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { availableMarks } from '../schemes';
import { markItem } from '../marking';
import { OWN_QUESTION } from '../catalogue';
import { skillOf, WorkedItem } from '../skill';
import { ownReading } from '../skills/own-question/answer';
import { ANSWER, printValue } from '../working';
import {
  addSection,
  checkPlan,
  examOnForm,
  examOutline,
  examSchema,
  compareForms,
  formsOf,
  joinToBefore,
  movePart,
  moveQuestion,
  partScheme,
  partFacts,
  partsIn,
  partSnapshot,
  placedParts,
  placeQuestion,
  planOfExam,
  questionsIn,
  removePart,
  removeSection,
  splitAt,
  varyingParts,
  type Exam
} from '.';
import { context, factsOfSample, sampleExam } from './sample.test-helper';

const exam = sampleExam();
const facts = factsOfSample(exam);
const outline = examOutline(exam, facts);

test('an exam reads back as it was written, and questions are counted through it', () => {
  assert.deepEqual(examSchema.parse(JSON.parse(JSON.stringify(exam))), exam);
  const labels = placedParts(exam).map(({ label }) => label);
  assert.deepEqual(labels.slice(0, 4), ['1', '2(a)', '2(b)', '3']);
  assert.equal(new Set(labels).size, partsIn(exam).length);
  assert.equal(outline.parts.length, labels.length);
});

test('whatever is moved, split, joined or put together, no part is lost or stands twice', () => {
  const ids = (one: Exam) =>
    partsIn(one)
      .map(({ id }) => id)
      .sort();
  const edits: ((one: Exam, part: string, question: string, at: number) => Exam)[] = [
    (one, _, question, at) => moveQuestion(one, question, at % 2 === 0 ? 1 : -1),
    (one, part, _, at) => movePart(one, part, at % 2 === 0 ? 1 : -1),
    (one, part) => splitAt(one, part),
    (one, _, question) => joinToBefore(one, question),
    (one) => (one.sections.length < 10 ? addSection(one) : one),
    (one, _, __, at) => removeSection(one, one.sections[at % one.sections.length]!.id),
    (one, _, question, at) =>
      placeQuestion(one, question, one.sections[at % one.sections.length]!.id, at)
  ];
  const nat = fc.nat({ max: 1000 });
  fc.assert(
    fc.property(fc.array(fc.tuple(nat, nat, nat, nat), { maxLength: 40 }), (steps) => {
      const edited = steps.reduce((one, [edit, part, question, at]) => {
        const [parts, questions] = [partsIn(one), questionsIn(one)];
        return edits[edit % edits.length]!(
          one,
          parts[part % parts.length]!.id,
          questions[question % questions.length]!.id,
          at
        );
      }, exam);
      assert.deepEqual(ids(edited), ids(exam));
      assert.ok(examSchema.safeParse(edited).success, 'valid');
    }),
    { numRuns: 150, seed: 12 }
  );
  const fewer = partsIn(exam).reduce(
    (one, { id }, at) => (at % 2 ? removePart(one, id) : one),
    exam
  );
  assert.equal(partsIn(fewer).length, Math.ceil(partsIn(exam).length / 2));
});

test('the key of every part earns all marks, and each usual wrong answer what the scheme says', () => {
  for (const { part } of placedParts(exam)) {
    const { item, scheme, options } = partSnapshot(part, context);
    const worked = new WorkedItem(skillOf(part.skill), part.given, part.school);
    // What is asked for beside the answer belongs to the key, all the working only where it must be shown.
    const beside = worked.graph.steps.filter(({ isApart }) => scheme.showWorking || isApart);
    const written = beside.flatMap((step) => {
      const text = printValue(step, worked.key.get(step.id));
      return text === undefined ? [] : [[step.id, text]];
    });
    const key = { ...Object.fromEntries(written), [ANSWER]: item.answer };
    const { awarded, available } = markItem(worked, key, scheme).marks;
    assert.equal(awarded, available, `${part.skill}, ${part.kind}`);
    assert.equal(available, availableMarks(scheme));
    const printed = partScheme(part, { scheme, ...(options && { options }) }, context.style);
    assert.equal(printed.lines.length, scheme.marks.length);
    for (const { answer, marks } of printed.wrong) {
      const earned = markItem(worked, { [ANSWER]: answer }, scheme).marks.awarded;
      assert.equal(earned, marks, `${part.skill}: ${answer}`);
      assert.ok(marks < available, `${part.skill}: ${answer} earns everything`);
    }
    if (part.kind === 'choice') {
      assert.equal(options?.length, 4);
      for (const { by, text } of options) {
        const { awarded: got } = markItem(worked, { [ANSWER]: text }, scheme).marks;
        assert.equal(got, by === 'answer' ? 1 : 0, `${part.skill}: ${text}`);
      }
    }
  }
});

test('what is computed of a part is what its items and schemes add up to', () => {
  const own = outline.parts.filter(({ part }) => part.skill === OWN_QUESTION);
  assert.deepEqual(
    own.map((one) => one.facts.marks),
    [1, 30]
  );
  assert.deepEqual(
    own.map((one) => [one.facts.difficulty, one.facts.seconds]),
    [
      [0.5, 120],
      [0.5, 120]
    ]
  );
  const { easy, middling, hard, marks } = outline.totals;
  assert.ok(Math.abs(easy + middling + hard - 1) < 1e-9, 'all marks are in a band');
  assert.equal(
    marks,
    outline.bySkill.reduce((sum, one) => sum + one.marks, 0)
  );
});

test('a plan made of an exam is met by it, and broken by a part less', () => {
  const plan = { ...planOfExam(exam.sections, outline, 1), rising: false };
  const rows = new Map(
    plan.rows.map((row) => [JSON.stringify([row.skills, row.kind, row.section]), row.id])
  );
  let own = 0;
  const planned: Exam = {
    ...exam,
    sections: exam.sections.map((section) => ({
      ...section,
      questions: section.questions.map((question) => ({
        ...question,
        parts: question.parts.map((part) => ({
          ...part,
          row:
            part.kind === 'own'
              ? plan.rows.filter(({ kind }) => kind === 'own')[own++]!.id
              : rows.get(JSON.stringify([[part.skill], part.kind, section.id]))!
        }))
      }))
    }))
  };
  const broken = (one: Exam) =>
    checkPlan(plan, examOutline(one, factsOfSample(one))).filter(({ isMet }) => !isMet);
  assert.deepEqual(broken(planned), []);
  const { id } = partsIn(planned)[0]!;
  const lines = broken(removePart(planned, id)).map(({ line }) => line);
  assert.ok(
    lines.includes('total') && lines.some((line) => /^rows\..*\.parts$/.test(line)),
    lines.join()
  );
});

/** Patterns of the skill itself: what shows of the arithmetic of a problem hangs on its numbers. */
const ownPatterns = (patterns: readonly { readonly id: string }[]) =>
  patterns.map(({ id }) => id).filter((id) => !id.includes('/'));

test('a form is worth the same in every place; exceptions are told, own questions never', () => {
  const varying = varyingParts(exam, null);
  const { forms } = formsOf({
    ...{ parts: varying.map(({ asked }) => asked), count: 2, seed: 5, avoid: [] }
  });
  const drawn = forms.map((items, at) => ({
    ...{ kind: 'letter' as const, letter: 'BC'[at]! },
    given: Object.fromEntries(varying.map(({ part }, place) => [part.id, items[place]!.given]))
  }));
  for (const form of drawn) {
    const own = examOnForm(exam, form);
    const other = examOutline(own, factsOfSample(own));
    other.parts.forEach(({ facts: one, label }, at) => {
      const { marks, difficulty, seconds, patterns } = outline.parts[at]!.facts;
      assert.deepEqual(
        [one.marks, one.difficulty, one.seconds],
        [marks, difficulty, seconds],
        label
      );
      assert.deepEqual(ownPatterns(one.patterns), ownPatterns(patterns), label);
    });
  }
  const paper = { kind: 'letter' as const, letter: 'A', given: {} };
  const twice = { ...drawn[0]!, letter: 'D' };
  const told = compareForms(exam, [paper, ...drawn, twice]);
  assert.equal(told.length, varying.length);
  assert.ok(
    told.every(({ sameItem }) => sameItem.some((same) => same.includes('D'))),
    'the form that stands twice'
  );
  for (const [at, one] of compareForms(exam, [paper, ...drawn]).entries()) {
    const { part } = varying[at]!;
    const skill = skillOf(part.skill);
    assert.ok(one.differs.every((name) => !skill.decidingFeatures.includes(name)));
    const answers = [paper, ...drawn].map(({ given }) => {
      const own = (given as Record<string, unknown>)[part.id] ?? part.given;
      return new WorkedItem(skill, own, part.school).answer;
    });
    const isRepeated = new Set(answers).size < answers.length;
    assert.equal(one.sameItem.length + one.sameAnswer.length > 0, isRepeated, answers.join('; '));
  }
});

test('an own answer is compared by what it is worth', () => {
  const same = [
    ['number', '6.0', '6'],
    ['number', '-2', '−2'],
    ['number', '1 250', '1250'],
    ['fraction', '0.75', '6/8'],
    ['fraction', '1 1/2', '3/2'],
    ['expression', '(x+2)(x+3)', 'x^2 + 5x + 6'],
    ['text', ' The  Bakery. ', 'the bakery']
  ] as const;
  for (const [kind, one, other] of same) {
    const reading = ownReading(kind, 'cm');
    assert.ok(reading.equal(reading.parse(one)!, reading.parse(`${other} cm`)!), `${one} ${other}`);
  }
  const different = [
    ['number', '6', '60'],
    ['number', '2', '-2'],
    ['expression', 'x + 2', 'x - 2'],
    ['text', 'bakery', 'station']
  ] as const;
  for (const [kind, one, other] of different) {
    const reading = ownReading(kind, '');
    assert.ok(!reading.equal(reading.parse(one)!, reading.parse(other)!), `${one} ${other}`);
  }
  assert.equal(ownReading('number', '').parse('many'), undefined);
});

test('a part whose working must be shown is not asked for in the head', () => {
  const mental = partsIn(exam).filter(({ skill }) => skillOf(skill).family === 'mental');
  assert.ok(mental.length >= 15, 'mental parts');
  for (const part of mental) {
    const shown = partFacts({ ...part, kind: 'show-working' }, context).prompt;
    assert.doesNotMatch(shown, /in your head/, shown);
    const bare = partFacts({ ...part, kind: 'bare' }, context).prompt;
    assert.match(bare, part.skill === 'choose-way' ? /the best way\.$/ : /in your head/);
  }
});
