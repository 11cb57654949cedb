import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ANSWER, graphOf, stepOf, swaps, type Graph } from '../working';
import { number, step } from '../working/step.test-helper';
import { readAs, readWorking, type Working } from './readings';
import { isFault } from './step-reading';

/** One line for a reading: each step's verdict, `*` where it is read as left out. */
function verdicts(graph: Graph, working: Working): string {
  return readWorking(graph, working)
    .map(({ square, verdict, leftOut }) => `${square} ${verdict}${leftOut ? '*' : ''}`)
    .join(', ');
}

/** carry = 2, or left out 0; tens = 5 + carry; answer = 10 tens + 4. */
const sum = graphOf([
  step('carry', [], () => 2n, { leftOut: 0n, silentAt: 0n }),
  step('tens', ['carry'], (get) => 5n + number(get, 'carry')!),
  step(ANSWER, ['tens'], (get) => 10n * number(get, 'tens')! + 4n)
]);

test('a blank is done in the head or left out, whichever the later steps say', () => {
  const cases: [Working, string][] = [
    [{ tens: '7', answer: '74' }, 'carry not-needed, tens correct, answer correct'],
    [{ tens: '5', answer: '54' }, 'carry blank*, tens follows-through, answer follows-through'],
    [{ tens: '6', answer: '64' }, 'carry blank, tens slip, answer follows-through'],
    [{ carry: '2', tens: '5' }, 'carry correct, tens slip, answer blank'],
    [{ answer: '74' }, 'carry not-needed, tens not-needed, answer correct'],
    [{ answer: '75' }, 'carry blank, tens blank, answer slip'],
    [{ carry: 'x', tens: '7' }, 'carry unreadable, tens correct, answer blank'],
    [{}, 'carry blank, tens blank, answer blank']
  ];
  for (const [working, expected] of cases) {
    assert.equal(verdicts(sum, working), expected, JSON.stringify(working));
  }
  assert.equal(readWorking(sum, { tens: '5', answer: '54' }).filter(isFault).length, 1);
});

/** Any multiple of 12 will do as a common denominator; top = 5 twelfths over it. */
const choice = graphOf([
  step('under', [], () => 12n, { accepts: (written) => (written as bigint) % 12n === 0n }),
  step('top', ['under'], (get) => (5n * number(get, 'under')!) / 12n),
  step(ANSWER, ['top'], (get) => number(get, 'top')! + 1n)
]);

test('after another choice that is as good, right is what is right from there', () => {
  const right = 'under correct, top correct, answer correct';
  assert.equal(verdicts(choice, { under: '12', top: '5', answer: '6' }), right);
  assert.equal(verdicts(choice, { under: '24', top: '10', answer: '11' }), right);
  assert.equal(
    verdicts(choice, { under: '24', top: '5', answer: '6' }),
    'under correct, top slip, answer follows-through'
  );
  assert.equal(
    verdicts(choice, { under: '18', top: '7', answer: '8' }),
    'under slip, top follows-through, answer follows-through'
  );
});

/** A row and a column that may change places, with their product. */
const grid = graphOf(
  [
    step('row', [], () => 2n),
    step('column', [], () => 7n),
    step(ANSWER, ['row', 'column'], (get) => number(get, 'row')! * number(get, 'column')!)
  ],
  [swaps([['row', 'column']])]
);

test('exchanged steps are right, and told in the squares where they stand', () => {
  assert.equal(
    verdicts(grid, { row: '7', column: '2', answer: '14' }),
    'column correct, row correct, answer correct'
  );
  assert.equal(
    verdicts(grid, { row: '7', column: '3', answer: '21' }),
    'column slip, row correct, answer follows-through'
  );
});

/** Something found on the way, which a right answer shows or does not; and a check nobody needs. */
const seen = graphOf([
  step('factor', [], () => 3n, {
    leftOut: 1n,
    seenIn: (answer) => ((answer as bigint) === 12n ? 3n : undefined)
  }),
  step(ANSWER, ['factor'], (get) => 4n * number(get, 'factor')!),
  step('check', [ANSWER], (get) => number(get, ANSWER))
]);

test('a right answer shows what was found on the way; a check may stay blank', () => {
  const steps = [seen.steps[0]!, seen.steps[2]!, seen.steps[1]!];
  const reordered = graphOf(
    steps.map((one) => (one.id === 'check' ? { ...one, uses: ['factor'], rule: () => 9n } : one))
  );
  assert.equal(
    verdicts(reordered, { answer: '12' }),
    'factor correct, check not-needed, answer correct'
  );
  assert.equal(
    verdicts(reordered, { answer: '4' }),
    'factor blank*, check not-needed, answer follows-through'
  );
});

test('a unit after a number, or a sign of money before it, is read past; other letters are not', () => {
  const read = (text: string) => readAs(stepOf(sum, ANSWER), text);
  for (const text of ['74 m', '74kg', '£74', '€ 74', '74 lanterns', '74 cm²', '74 min.', '74']) {
    assert.equal(read(text), 74n, text);
  }
  for (const text of ['74Z', '74 x', '7x4', '£', 'm', 'lanterns', '74 la', '£m', '74 m 3']) {
    assert.equal(read(text), undefined, text);
  }
});
