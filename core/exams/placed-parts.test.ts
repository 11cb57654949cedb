import assert from 'node:assert/strict';
import { test } from 'node:test';
import { withPart, placedParts } from './exam';
import type { Exam, PaperPart } from './exam-schema';
import { partsIn } from './parts-in';
import { emptyCover } from './index';

const part = (id: string): PaperPart => ({
  ...{ id, row: '', kind: 'bare', skill: 'doubling', school: 'left-to-right' },
  ...{ given: '12', locked: false, edited: false, guidance: '' }
});

/** Two sections: one part, three parts; then two parts, one part. */
const exam: Exam = {
  ...{ title: 'Lanterns', seed: 1, cover: emptyCover },
  sections: [
    [['a'], ['b', 'c', 'd']],
    [['e', 'f'], ['g']]
  ].map((questions, at) => ({
    ...{ id: `s${at}`, title: '', instruction: '', calculator: false },
    questions: questions.map((ids, place) => ({
      ...{ id: `q${at}${place}`, stem: '', startsPage: false },
      parts: ids.map(part)
    }))
  }))
};

test('questions are counted through the paper, and parts have letters where there are several', () => {
  assert.deepEqual(
    placedParts(exam).map(({ part, label, letter, number, section }) =>
      [part.id, label, letter, number, section.id].join(' ')
    ),
    [
      'a 1  1 s0',
      'b 2(a) (a) 2 s0',
      'c 2(b) (b) 2 s0',
      'd 2(c) (c) 2 s0',
      'e 3(a) (a) 3 s1',
      'f 3(b) (b) 3 s1',
      'g 4  4 s1'
    ]
  );
});

test('a part is changed where it stands, and nothing else is', () => {
  const changed = withPart(exam, 'f', (own) => ({ ...own, locked: true }));
  assert.deepEqual(
    partsIn(changed).filter(({ locked }) => locked),
    [{ ...part('f'), locked: true }]
  );
  assert.deepEqual(
    withPart(changed, 'f', (own) => ({ ...own, locked: false })),
    exam
  );
  assert.deepEqual(
    withPart(exam, 'nowhere', () => part('other')),
    exam
  );
});
