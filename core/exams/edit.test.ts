import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  addPart,
  addSection,
  freshId,
  joinToBefore,
  movePart,
  moveQuestion,
  placeQuestion,
  questionsIn,
  removePart,
  removeSection,
  splitAt
} from './edit';
import { emptyCover, examSchema, partsIn, type Exam, type PaperPart } from '.';

const part = (id: string): PaperPart => ({
  ...{ id, row: '', kind: 'bare', skill: 'doubling', school: 'looking-ahead' },
  ...{ given: { number: '12' }, locked: false, edited: false, guidance: '' }
});

/** An exam drawn as text: `s1: q1(p1 p2) q2(p3) | s2: q3(p4)`. */
function drawn(text: string): Exam {
  return {
    ...{ title: 'Lantern counts', seed: 1, cover: emptyCover },
    sections: text.split(' | ').map((section) => {
      const [id, questions = ''] = section.split(':') as [string, string?];
      return {
        ...{ id, title: `Section ${id}`, instruction: '', calculator: false },
        questions: [...questions.matchAll(/(q\d+)\(([^)]*)\)/g)].map(([, own, parts]) => ({
          ...{ id: own!, stem: `stem of ${own}`, startsPage: false },
          parts: parts!.split(' ').map(part)
        }))
      };
    })
  };
}

const textOf = ({ sections }: Exam): string =>
  sections
    .map(({ id, questions }) => {
      const own = questions.map((one) => ` ${one.id}(${one.parts.map(({ id }) => id).join(' ')})`);
      return `${id}:${own.join('')}`;
    })
    .join(' | ');

const three = drawn('s1: q1(p1 p2 p3) q2(p4) | s2: q3(p5) | s3:');
const after = (change: (exam: Exam) => Exam) => textOf(change(three));
const same = textOf(three);

test('a question moves by one place, over the ends of its section, and stays at the ends of the exam', () => {
  assert.equal(
    after((e) => moveQuestion(e, 'q2', -1)),
    's1: q2(p4) q1(p1 p2 p3) | s2: q3(p5) | s3:'
  );
  assert.equal(
    after((e) => moveQuestion(e, 'q2', 1)),
    's1: q1(p1 p2 p3) | s2: q2(p4) q3(p5) | s3:'
  );
  assert.equal(
    after((e) => moveQuestion(e, 'q3', -1)),
    's1: q1(p1 p2 p3) q2(p4) q3(p5) | s2: | s3:'
  );
  assert.equal(
    after((e) => moveQuestion(e, 'q3', 1)),
    's1: q1(p1 p2 p3) q2(p4) | s2: | s3: q3(p5)'
  );
  assert.equal(
    after((e) => moveQuestion(e, 'q1', -1)),
    same
  );
  assert.equal(
    after((e) => moveQuestion(e, 'q9', 1)),
    same
  );
  assert.equal(
    after((e) => placeQuestion(e, 'q3', 's1', 1)),
    's1: q1(p1 p2 p3) q3(p5) q2(p4) | s2: | s3:'
  );
  assert.equal(
    after((e) => placeQuestion(e, 'q9', 's1', 1)),
    same
  );
});

test('a part moves within its question, and goes with it when it was the last', () => {
  assert.equal(
    after((e) => movePart(e, 'p2', 1)),
    's1: q1(p1 p3 p2) q2(p4) | s2: q3(p5) | s3:'
  );
  assert.equal(
    after((e) => movePart(e, 'p2', -1)),
    's1: q1(p2 p1 p3) q2(p4) | s2: q3(p5) | s3:'
  );
  for (const [id, by] of [
    ['p1', -1],
    ['p3', 1],
    ['p9', 1]
  ] as const) {
    assert.equal(
      after((e) => movePart(e, id, by)),
      same
    );
  }
  assert.equal(
    after((e) => removePart(e, 'p2')),
    's1: q1(p1 p3) q2(p4) | s2: q3(p5) | s3:'
  );
  assert.equal(
    after((e) => removePart(e, 'p5')),
    's1: q1(p1 p2 p3) q2(p4) | s2: | s3:'
  );
  assert.equal(
    after((e) => removePart(e, 'p9')),
    same
  );
});

test('a question is split from a part on, and joined again to the one before it', () => {
  const split = splitAt(three, 'p2');
  assert.equal(textOf(split), 's1: q1(p1) q4(p2 p3) q2(p4) | s2: q3(p5) | s3:');
  assert.equal(questionsIn(split)[1]!.stem, '');
  assert.equal(textOf(joinToBefore(split, 'q4')), same);
  for (const id of ['p1', 'p4', 'p9'])
    assert.equal(
      after((e) => splitAt(e, id)),
      same
    );
  // The first of a section has none before it.
  for (const id of ['q1', 'q3', 'q9'])
    assert.equal(
      after((e) => joinToBefore(e, id)),
      same
    );
  const joined = joinToBefore(three, 'q2');
  assert.equal(textOf(joined), 's1: q1(p1 p2 p3 p4) | s2: q3(p5) | s3:');
  assert.equal(questionsIn(joined)[0]!.stem, 'stem of q1\nstem of q2');
});

test('ten parts are the most that a question holds', () => {
  const parts = (from: number, count: number) =>
    Array.from({ length: count }, (_, at) => `p${from + at}`).join(' ');
  const full = drawn(`s1: q1(${parts(1, 6)}) q2(${parts(7, 4)}) q3(${parts(11, 5)})`);
  assert.equal(questionsIn(joinToBefore(full, 'q2'))[0]!.parts.length, 10);
  assert.equal(
    textOf(joinToBefore(joinToBefore(full, 'q2'), 'q3')),
    textOf(joinToBefore(full, 'q2'))
  );
});

test('what is added has an id and a letter of its own', () => {
  assert.deepEqual(
    (['s', 'q', 'p'] as const).map((letter) => freshId(three, letter)),
    ['s4', 'q4', 'p6']
  );
  assert.equal(freshId(drawn('s1:'), 'q'), 'q1');
  assert.equal(
    after((e) => addPart(e, 's3', part('x'))),
    `${same} q4(p6)`
  );
  const more = addSection(three);
  assert.equal(textOf(more), `${same} | s4:`);
  assert.equal(more.sections.at(-1)!.title, 'Section D');
});

test('the questions of a section that goes stand in the one before, else at the beginning of the next', () => {
  assert.equal(
    after((e) => removeSection(e, 's2')),
    's1: q1(p1 p2 p3) q2(p4) q3(p5) | s3:'
  );
  assert.equal(
    after((e) => removeSection(e, 's1')),
    's2: q1(p1 p2 p3) q2(p4) q3(p5) | s3:'
  );
  assert.equal(
    after((e) => removeSection(e, 's9')),
    same
  );
  const one = drawn('s1: q1(p1)');
  assert.equal(textOf(removeSection(one, 's1')), textOf(one));
});

test('whatever is done in whatever order, the exam can be saved and no part is lost or there twice', () => {
  const acts: readonly ((exam: Exam, id: number) => Exam)[] = [
    (e, id) => moveQuestion(e, `q${id}`, 1),
    (e, id) => moveQuestion(e, `q${id}`, -1),
    (e, id) => movePart(e, `p${id}`, 1),
    (e, id) => splitAt(e, `p${id}`),
    (e, id) => joinToBefore(e, `q${id}`),
    (e, id) => placeQuestion(e, `q${id}`, e.sections[id % e.sections.length]!.id, id),
    (e, id) => removeSection(e, `s${id}`),
    (e) => (e.sections.length < 5 ? addSection(e) : e)
  ];
  const steps = fc.array(fc.tuple(fc.nat(acts.length - 1), fc.integer({ min: 1, max: 7 })), {
    maxLength: 25
  });
  fc.assert(
    fc.property(steps, (chosen) => {
      const exam = chosen.reduce((whole, [act, id]) => acts[act]!(whole, id), three);
      assert.deepEqual(
        partsIn(exam)
          .map(({ id }) => id)
          .toSorted(),
        ['p1', 'p2', 'p3', 'p4', 'p5']
      );
      const ids = questionsIn(exam).map(({ id }) => id);
      assert.equal(new Set(ids).size, ids.length);
      assert.ok(examSchema.safeParse(exam).success);
    }),
    { seed: 1852 }
  );
});
