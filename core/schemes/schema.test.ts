import assert from 'node:assert/strict';
import { test } from 'node:test';
import { accuracy, method, methodAndAnswer, schemeOf } from './build';
import { schemeSchema, type Mark } from './schema';

const isRead = (scheme: unknown) => schemeSchema.safeParse(scheme).success;
const [first] = methodAndAnswer.marks as [Mark];
const withMark = (more: object) => ({ showWorking: false, marks: [{ ...first, ...more }] });

test('a scheme that was built is read as it is', () => {
  for (const scheme of [methodAndAnswer, schemeOf(method('a'), accuracy('improper'), accuracy())]) {
    assert.deepEqual(schemeSchema.parse(scheme), scheme);
  }
});

test('marks are worth 1 to 20, have 1 to 200 steps and an id of 1 to 40 characters, and are M, A or B', () => {
  const told = (name: string, good: readonly unknown[], bad: readonly unknown[]) => {
    for (const value of good) assert.ok(isRead(withMark({ [name]: value })), `${name} ${value}`);
    for (const value of bad) assert.ok(!isRead(withMark({ [name]: value })), `${name} ${value}`);
  };
  told('value', [1, 20], [0, 21, 1.5, '1']);
  told('slips', [1, 20, undefined], [0, 21, 0.5]);
  const steps = (count: number) => Array.from({ length: count }, (_, at) => `s${at}`);
  told('steps', [steps(1), steps(200), ['x'.repeat(60)]], [[], steps(201), [''], ['x'.repeat(61)]]);
  told('id', ['M', 'x'.repeat(40)], ['', 'x'.repeat(41), 3]);
  told('kind', ['M', 'A', 'B'], ['C', '']);
  told('own', ['ft', 'cao'], ['own']);
  told('form', [['improper'], []], [['pretty'], 'improper']);
  assert.ok(!isRead(withMark({ more: 1 })));
});

test('a scheme has 1 to 50 marks, no two of one id, and depends on earlier marks alone', () => {
  const marks = (count: number) =>
    Array.from({ length: count }, (_, at) => ({ ...first, id: `M${at}` }));
  const scheme = (own: readonly object[]) => ({ showWorking: true, marks: own });
  assert.ok(isRead(scheme(marks(1))) && isRead(scheme(marks(50))));
  assert.ok(!isRead(scheme([])) && !isRead(scheme(marks(51))));
  assert.ok(!isRead(scheme([first, first])));
  const [one, two, three] = marks(3);
  assert.ok(isRead(scheme([one!, { ...two, dependsOn: 'M0' }, { ...three, dependsOn: 'M0' }])));
  assert.ok(!isRead(scheme([one!, { ...two, dependsOn: 'M1' }])), 'on itself');
  assert.ok(!isRead(scheme([{ ...one, dependsOn: 'M1' }, two!])), 'on a later one');
  assert.ok(!isRead(scheme([one!, two!, { ...three, dependsOn: 'X' }])), 'on none');
});
