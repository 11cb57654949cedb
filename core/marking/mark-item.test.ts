import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { analyseItem, skillOf, WorkedItem } from '../skill';
import { loadSkills } from '../catalogue';
import { evaluate, isShown, printValue } from '../working';
import { markItem } from './mark-item';
import type { Working } from './readings';

await loadSkills(['column-addition']);
const skill = skillOf('column-addition');
const itemOf = (given: unknown) => new WorkedItem(skill, given, 'columns');

function mark(sum: string, working: Working, showWorking = false) {
  const item = itemOf({ addends: sum.split(' + ') });
  return markItem(item, working, { ...item.scheme, showWorking });
}

/** One line for a marking: verdicts, marks by line, flags, explanations. */
function line(sum: string, working: Working, showWorking = false): string {
  const marked = mark(sum, working, showWorking);
  const verdicts = marked.steps.map(({ id, verdict }) => `${id} ${verdict}`).join(', ');
  const marks = marked.marks.lines.map(({ id, awarded }) => `${id}:${awarded}`).join(' ');
  const explained = marked.diagnosis.map(({ patterns }) => patterns.join('+')).join('|');
  return [verdicts, marked.firstSlip ?? '-', marks, marked.flags.join(), explained].join(' / ');
}

const digits = (...values: string[]): Working =>
  Object.fromEntries(values.map((value, place) => [`digit.${place}`, value]));

test('verdicts, marks and flags of typical workings', () => {
  const cases: [string, Working, string][] = [
    // The carries were done in the head: full marks.
    [
      '487 + 365',
      digits('2', '5', '8'),
      'digit.0 correct, carry.1 not-needed, digit.1 correct, carry.2 not-needed, digit.2 correct / - / M1:1 A1:1 /  / '
    ],
    // One slip, charged once: what follows is not.
    [
      '487 + 365',
      { ...digits('2', '6', '8'), 'carry.1': '1', 'carry.2': '1', answer: '862' },
      'digit.0 correct, carry.1 correct, digit.1 slip, carry.2 correct, digit.2 correct / digit.1 / M1:1 A1:0 /  / '
    ],
    // The carry was left out, the 7 follows through; the pattern explains it, so the method is lost.
    [
      '47 + 38',
      { ...digits('5', '7'), answer: '75' },
      'digit.0 correct, carry.1 blank, digit.1 follows-through / carry.1 / M1:0 A1:0 /  / carry-dropped'
    ],
    // The carry was written wrong, the right one used.
    [
      '47 + 38',
      { ...digits('5', '8'), 'carry.1': '2', answer: '85' },
      'digit.0 correct, carry.1 slip, digit.1 correct / carry.1 / M1:1 A1:1 / contradicted / '
    ],
    // A right answer that the squares contradict is proposed as earned, and waits for the marker.
    [
      '47 + 38',
      { ...digits('5', '7'), answer: '85' },
      'digit.0 correct, carry.1 blank, digit.1 follows-through / carry.1 / M1:1 A1:1 / contradicted / '
    ],
    // Two slips lose the method.
    [
      '487 + 365',
      { ...digits('3', '6', '8'), 'carry.1': '1', 'carry.2': '1' },
      'digit.0 slip, carry.1 correct, digit.1 slip, carry.2 correct, digit.2 correct / digit.0 / M1:0 A1:0 /  / '
    ],
    // The total of the last column may stand in one square.
    [
      '58 + 67',
      digits('5', '12'),
      'digit.0 correct, carry.1 not-needed, digit.1 correct, carry.2 not-needed, digit.2 not-needed / - / M1:1 A1:1 /  / '
    ],
    // Left out at the left, with everything else right.
    [
      '58 + 67',
      digits('5', '2'),
      'digit.0 correct, carry.1 not-needed, digit.1 correct, carry.2 blank, digit.2 blank / digit.2 / M1:0 A1:0 /  / last-carry-dropped'
    ],
    // Without its carry the sum no longer ripples: the difficulty is gone.
    [
      '96 + 7',
      { ...digits('3', '9'), answer: '93' },
      'digit.0 correct, carry.1 blank, digit.1 follows-through, carry.2 not-needed, digit.2 not-needed / carry.1 / M1:0 A1:0 / easier / carry-dropped'
    ]
  ];
  for (const [sum, working, expected] of cases) assert.equal(line(sum, working), expected, sum);
});

test('a bare answer: right earns everything, unless working was to be shown; wrong is diagnosed', () => {
  assert.equal(mark('487 + 365', { answer: '852' }).marks.awarded, 2);
  assert.equal(mark('487 + 365', { answer: '852' }, true).marks.awarded, 0);
  const wrong = mark('487 + 365', { answer: '742' });
  assert.equal(wrong.marks.awarded, 0);
  assert.deepEqual(wrong.diagnosis, [{ patterns: ['carry-dropped'], explains: 'answer' }]);
  assert.deepEqual(mark('487 + 365', { answer: '825' }).slips, [{ kind: 'digits-exchanged' }]);
  assert.deepEqual(mark('487 + 365', { answer: '853' }).slips, [{ kind: 'out-by-one' }]);
});

test('several patterns that give the same answer tie', () => {
  const tied = mark('96 + 7', { answer: '913' }).diagnosis.map(({ patterns }) => patterns[0]);
  assert.deepEqual(tied, ['total-written-whole', 'left-to-right']);
});

test('figures that a pattern writes into one square may stand in several', () => {
  // 96 + 7 with each total written whole is 9 and 13: 913 in three squares.
  assert.deepEqual(mark('96 + 7', digits('3', '1', '9')).diagnosis, [
    { patterns: ['total-written-whole'], explains: 'working' },
    { patterns: ['left-to-right'], explains: 'working' }
  ]);
});

test('two patterns together explain what neither does alone', () => {
  const both = mark('358 + 967', { answer: '215' }).diagnosis;
  assert.deepEqual(both, [
    { patterns: ['carry-dropped', 'last-carry-dropped'], explains: 'answer' }
  ]);
});

test('what cannot be read is left to the marker', () => {
  const marked = mark('47 + 38', { 'digit.0': 'five?', answer: '85' });
  assert.equal(marked.steps[0]!.verdict, 'unreadable');
  assert.equal(mark('47 + 38', { answer: '8 5' }).answer.verdict, 'unreadable');
});

const items = fc
  .array(fc.integer({ min: 1, max: 99_999 }).map(String), { minLength: 2, maxLength: 4 })
  .map((addends) => ({ addends }));

test('the key’s own working, with any of its carries unwritten, earns full marks and no flag', () => {
  fc.assert(
    fc.property(items, fc.infiniteStream(fc.boolean()), (given, keep) => {
      const steps = analyseItem(skill, given).steps.filter(
        ({ kind }) => kind !== 'carry' || keep.next().value
      );
      const working = Object.fromEntries(steps.map(({ id, value }) => [id, value]));
      const marked = markItem(itemOf(given), working);
      assert.equal(marked.marks.awarded, marked.marks.available);
      assert.deepEqual([marked.flags, marked.firstSlip, marked.diagnosis], [[], null, []]);
    })
  );
});

test('one wrong digit, carried on faithfully, costs the accuracy mark and nothing else', () => {
  fc.assert(
    fc.property(items, fc.nat(), fc.integer({ min: 1, max: 9 }), (given, pick, change) => {
      const steps = analyseItem(skill, given).steps;
      const written = steps.filter(({ kind }) => kind === 'digit');
      const slip = written[pick % written.length]!;
      const wrong = String((Number(slip.value) + change) % 10);
      const working = Object.fromEntries(
        steps
          .filter(({ kind }) => kind !== 'answer')
          .map(({ id, value }) => [id, id === slip.id ? wrong : value])
      );
      const marked = markItem(itemOf(given), working);
      assert.equal(marked.firstSlip, slip.id);
      // A slip that looks like a pattern loses the method as well.
      const isExplained = marked.diagnosis.length > 0;
      const awarded = marked.marks.lines.map((line) => line.awarded);
      assert.deepEqual(awarded, [isExplained ? 0 : 1, 0]);
    })
  );
});

test('the working of every pattern that shows is explained by that pattern', () => {
  fc.assert(
    fc.property(items, (given) => {
      const item = itemOf(given);
      for (const { pattern } of item.showing()) {
        const wrong = item.wrong(pattern)!;
        const values = evaluate(wrong);
        const working = Object.fromEntries(
          wrong.steps
            .filter((step) => isShown(step, values.get(step.id)))
            .map((step) => [step.id, printValue(step, values.get(step.id))!])
        );
        for (const written of [working, { answer: working['answer']! }]) {
          const { diagnosis } = markItem(item, written);
          const sets = diagnosis.map(({ patterns }) => patterns.join());
          assert.ok(sets.includes(pattern.id), `${pattern.id} on ${item.answer}`);
        }
      }
    }),
    { numRuns: 60 }
  );
});
