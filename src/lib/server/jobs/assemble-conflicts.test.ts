import assert from 'node:assert/strict';
import { test } from 'node:test';
import { assemble, blueprintSchema, type Blueprint, type Bounds } from '@zealous-quill/core/exams';
import { skillOf } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { solver } from './solver';

const highs = await solver();

const row = (id: string, more: object) => ({
  ...{ id, skills: ['column-addition'], kind: 'set-out' },
  controls: { 'column-addition': skillOf('column-addition').ladder[3]!.controls },
  ...more
});

/** Two rows, in a section each, that ask for more marks than their sections let them. */
const plan = blueprintSchema.parse({
  total: 30,
  sections: [{ id: 'A', marks: { max: 4 } }, { id: 'B', marks: { max: 6 } }, { id: 'C' }],
  rows: [
    row('a', { section: 'A', marks: { min: 8 } }),
    row('b', { section: 'B', marks: { min: 12 } }),
    row('c', { section: 'C', parts: { min: 0, max: 20 } })
  ]
});

/** The plan with what is offered for the first line of a conflict that has an offer. */
function withOffer(from: Blueprint, nearest: Readonly<Record<string, unknown>>): Blueprint {
  const [line, value] = Object.entries(nearest).find(([, offer]) => offer !== null)!;
  const [group, id] = line.split('.');
  const changed = (list: readonly { id: string }[]) =>
    list.map((one) => (one.id === id ? { ...one, marks: value as Bounds } : one));
  return blueprintSchema.parse({
    ...from,
    ...(group === 'rows' ? { rows: changed(from.rows) } : { sections: changed(from.sections!) })
  });
}

test('two independent conflicts both have a way out, and both ways taken the plan can be met', () => {
  const made = assemble(plan, 3, highs);
  assert.ok(!made.ok && made.error.code === 'impossible');
  const { conflict, nearest, more } = made.error;
  assert.equal(more.length, 1, JSON.stringify(made.error));
  assert.equal(conflict.length, 2);
  const changed = [{ nearest }, ...more].reduce((from, one) => withOffer(from, one.nearest), plan);
  const solved = assemble(changed, 3, highs);
  assert.ok(solved.ok, JSON.stringify(changed.rows));
});
