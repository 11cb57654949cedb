import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { ANSWER } from '../working';
import {
  accuracy,
  ALL_STEPS,
  covers,
  independent,
  isAnswerOnly,
  method,
  methodAndAnswer,
  schemeOf
} from './build';
import { availableMarks } from './scheme';

test('a mark says what it is for, how it is earned and whether own figures are followed', () => {
  assert.deepEqual(method('rows', 'carry.*'), {
    ...{ kind: 'M', value: 1, steps: ['rows', 'carry.*'], own: 'ft' }
  });
  assert.deepEqual(accuracy(), { kind: 'A', value: 1, steps: [ANSWER], own: 'cao' });
  assert.deepEqual(accuracy('not-simplified').form, ['not-simplified']);
  assert.deepEqual(independent('way', { value: 2 }), {
    ...{ kind: 'B', value: 2, steps: ['way'], own: 'cao' }
  });
});

test('marks are numbered within their kind; an accuracy mark depends on the last method before it', () => {
  const { showWorking, marks } = schemeOf(
    accuracy(),
    method('one'),
    independent('way'),
    accuracy(),
    method('two'),
    accuracy(),
    independent('check')
  );
  assert.equal(showWorking, false);
  assert.deepEqual(
    marks.map(({ id, dependsOn }) => [id, dependsOn ?? null]),
    [
      ['A1', null],
      ['M1', null],
      ['B1', null],
      ['A2', 'M1'],
      ['M2', null],
      ['A3', 'M2'],
      ['B2', null]
    ]
  );
});

test('what a scheme is worth is the sum of its marks', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 20 })), (values) => {
      const scheme = schemeOf(...values.map((value) => independent('way', { value })));
      assert.equal(
        availableMarks(scheme),
        values.reduce((sum, value) => sum + value, 0)
      );
    })
  );
});

test('a mark covers the steps it names, the groups it names, and all but the answer where it names all', () => {
  const all = method(ALL_STEPS);
  assert.deepEqual(
    ['carry.1', 'rows', ANSWER].map((step) => covers(all, step)),
    [true, true, false]
  );
  const some = method('carry.*', 'rows', ANSWER);
  assert.deepEqual(
    ['carry.1', 'carry.12', 'carry', 'carried.1', 'rows', 'rows.1', ANSWER].map((step) =>
      covers(some, step)
    ),
    [true, true, false, false, true, false, true]
  );
});

test('nothing but the answer earns in a choice, in a question of one’s own, and in a bare item of one mark on it', () => {
  const onAnswer = schemeOf(accuracy());
  const told = (kind: string, scheme = onAnswer) => isAnswerOnly({ kind, scheme });
  assert.deepEqual(
    ['choice', 'own', 'bare', 'set-out'].map((kind) => told(kind)),
    [...[true, true, true, false]]
  );
  assert.equal(told('bare', methodAndAnswer), false);
  assert.equal(told('bare', schemeOf(independent('way'))), false);
  assert.equal(told('choice', methodAndAnswer), true);
});
