import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { ANSWER, graphOf, type Graph } from '../working';
import { number, step } from '../working/step.test-helper';
import { accuracy, ALL_STEPS, independent, method, schemeOf, type Scheme } from '../schemes';
import { proposeMarks, type Evidence } from './marks';
import { nearMiss } from '../numbers/near-number';
import { factsBehind } from './near-miss';
import { madeEasier, readWorking, type Working } from './readings';
import { isFault, isOwnHand, isSound, type StepReading } from './step-reading';

/** a = 3, b = a + 4, c = 2 b, answer = c + 1: 3, 7, 14, 15. */
const chain = graphOf([
  step('a', [], () => 3n),
  step('b', ['a'], (get) => number(get, 'a')! + 4n),
  step('c', ['b'], (get) => 2n * number(get, 'b')!),
  step(ANSWER, ['c'], (get) => number(get, 'c')! + 1n)
]);

interface Beside {
  readonly form?: Evidence['form'];
  /** Steps at which an error pattern is behind what went wrong. */
  readonly explained?: readonly string[];
  readonly contradicted?: boolean;
  /** Marks in whose steps an error pattern is that explains everything. */
  readonly spoilt?: readonly string[];
}

/** What a scheme gives for a working, a line a mark: `M1 1 right`. */
function marksOf(scheme: Scheme, working: Working, beside: Beside = {}, graph: Graph = chain) {
  const readings = readWorking(graph, working);
  const answer = readings.find(({ step }) => step.id === ANSWER)!;
  const evidence: Evidence = {
    ...{ readings, answer, answerRight: answer.countsAs === 'correct' },
    ...{ form: beside.form ?? [], contradicted: beside.contradicted ?? false },
    anyWorking: Object.keys(working).some((id) => id !== ANSWER),
    isSpoilt: ({ id }) => beside.spoilt?.includes(id) ?? false,
    isExplained: ({ step }) => beside.explained?.includes(step.id) ?? false,
    easier: madeEasier(readings)
  };
  return proposeMarks(scheme, evidence).map(
    ({ id, awarded, because }) => `${id} ${awarded} ${because}`
  );
}

const both = schemeOf(method(ALL_STEPS), accuracy());
const right = { a: '3', b: '7', c: '14', answer: '15' };

/*
 * Worked by hand: M for the method with own figures followed and one slip forgiven, A for the answer, which depends on
 * it (common practice).
 */
test('method and answer: right, following, one slip, two slips, nothing, the answer alone', () => {
  const cases: readonly (readonly [string, Working, readonly string[]])[] = [
    ['all right', right, ['M1 1 right', 'A1 1 right']],
    ['the answer alone', { answer: '15' }, ['M1 1 bare-answer', 'A1 1 bare-answer']],
    [
      'a slip, carried on',
      { a: '3', b: '8', c: '16', answer: '17' },
      ['M1 1 one-slip', 'A1 0 wrong']
    ],
    ['a slip in the answer', { ...right, answer: '16' }, ['M1 1 right', 'A1 0 wrong']],
    ['two slips', { a: '3', b: '8', c: '15', answer: '16' }, ['M1 0 slips', 'A1 0 depends']],
    ['nothing', {}, ['M1 0 not-shown', 'A1 0 depends']],
    ['a wrong answer alone', { answer: '9' }, ['M1 0 not-shown', 'A1 0 depends']],
    ['no answer', { a: '3', b: '7', c: '14' }, ['M1 1 right', 'A1 0 blank']],
    ['not to be read', { a: 'x', b: 'y', c: 'z' }, ['M1 0 unreadable', 'A1 0 depends']],
    ['done in the head between', { c: '14', answer: '15' }, ['M1 1 right', 'A1 1 right']]
  ];
  for (const [about, working, expected] of cases) {
    assert.deepEqual(marksOf(both, working), expected, about);
  }
});

test('an error pattern loses the method, and with it the answer', () => {
  const wrong = { a: '3', b: '8', c: '16', answer: '17' };
  assert.deepEqual(marksOf(both, wrong, { explained: ['b'] }), ['M1 0 pattern', 'A1 0 depends']);
});

test('where working must be shown, an answer alone earns nothing of it', () => {
  const shown = { ...both, showWorking: true };
  assert.deepEqual(marksOf(shown, { answer: '15' }), ['M1 0 no-working', 'A1 0 depends']);
  assert.deepEqual(marksOf(shown, right), ['M1 1 right', 'A1 1 right']);
});

test('a form that is missed costs the mark that names it, and else that of the answer', () => {
  const named = schemeOf(method(ALL_STEPS), accuracy('not-simplified'), independent('c'));
  const missed = { form: ['not-simplified'] as const };
  assert.deepEqual(marksOf(named, right, missed), ['M1 1 right', 'A1 0 form', 'B1 1 right']);
  assert.deepEqual(marksOf(both, right, missed), ['M1 1 right', 'A1 0 form']);
  // What is asked for in no prompt costs nothing where no mark names it.
  const unasked = { form: ['trailing-zeros'] as const };
  assert.deepEqual(marksOf(both, right, unasked), ['M1 1 right', 'A1 1 right']);
  assert.deepEqual(marksOf(schemeOf(accuracy('trailing-zeros')), right, unasked), ['A1 0 form']);
});

test('an independent mark follows own figures only where it says so', () => {
  const follows = { a: '3', b: '8', c: '16', answer: '17' };
  assert.deepEqual(marksOf(schemeOf(independent('c')), follows), ['B1 0 wrong']);
  assert.deepEqual(marksOf(schemeOf(independent('c', { own: 'ft' })), follows), ['B1 1 right']);
  assert.deepEqual(marksOf(schemeOf(independent('b')), follows), ['B1 0 wrong']);
  assert.deepEqual(marksOf(schemeOf(independent('c')), { a: '3', b: '7' }), ['B1 0 blank']);
});

test('a right answer over wrong working has its mark, and the method stands as it is', () => {
  const contradicted = { ...right, c: '13' };
  assert.deepEqual(marksOf(both, contradicted, { contradicted: true }), [
    ...['M1 1 one-slip', 'A1 1 contradicted']
  ]);
});

test('figures of one’s own that took the difficulty away earn no mark that would follow them', () => {
  /** carry = 1, or nothing where the digit is small; answer = carry + 4. */
  const graph = graphOf([
    step('digit', [], () => 12n),
    step('carry', ['digit'], (get) => number(get, 'digit')! / 10n, { silentAt: 0n }),
    step(ANSWER, ['carry'], (get) => number(get, 'carry')! + 4n)
  ]);
  const scheme = schemeOf({ ...independent(ANSWER), own: 'ft' });
  assert.deepEqual(marksOf(scheme, { digit: '5', answer: '4' }, {}, graph), ['B1 0 easier']);
  assert.deepEqual(marksOf(scheme, { digit: '22', carry: '2', answer: '6' }, {}, graph), [
    ...['B1 1 right']
  ]);
});

test('whatever is written, a mark is whole or nothing, and none that depends on a lost one is earned', () => {
  const written = fc.option(fc.constantFrom('3', '7', '8', '14', '15', '16', 'x'), {
    nil: undefined
  });
  fc.assert(
    fc.property(written, written, written, written, (a, b, c, answer) => {
      const working = Object.fromEntries(
        Object.entries({ a, b, c, answer }).filter(([, text]) => text !== undefined)
      ) as Working;
      const [m, a1] = marksOf(both, working);
      assert.match(m!, /^M1 [01] /);
      if (m!.startsWith('M1 0')) assert.ok(a1!.startsWith('A1 0') || a1!.includes('contradicted'));
      const readings = readWorking(chain, working);
      if (readings.every(({ countsAs }) => countsAs === 'correct')) {
        assert.deepEqual([m, a1], ['M1 1 right', 'A1 1 right']);
      }
    })
  );
});

test('a reading is sound where it is right or follows, a fault where it charges, by hand where it was written', () => {
  const readings = readWorking(chain, { a: '3', b: '9', c: '18', answer: '20' });
  const by = (is: (one: StepReading) => boolean) => readings.filter(is).map(({ step }) => step.id);
  assert.deepEqual(by(isSound), ['a', 'c']);
  assert.deepEqual(by(isFault), ['b', 'answer']);
  assert.deepEqual(by(isOwnHand), ['a', 'b', 'c', 'answer']);
});

/** A near miss, found by trying every change of one or two digits. */
function missedSlowly(written: string, right: string) {
  if (written === right) return undefined;
  for (let at = 0; at < right.length; at++) {
    for (const by of [-1, 1]) {
      const digit = Number(right[at]) + by;
      if (digit < 0 || digit > 9) continue;
      if (right.slice(0, at) + digit + right.slice(at + 1) === written) return 'out-by-one';
    }
    for (let other = at + 1; other < right.length; other++) {
      const digits = [...right];
      [digits[at], digits[other]] = [digits[other]!, digits[at]!];
      if (digits.join('') === written) return 'digits-exchanged';
    }
  }
  return undefined;
}

test('a near miss has two digits exchanged or one out by one, and all others are none', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 999 }),
      fc.integer({ min: 0, max: 999 }),
      (one, other) => {
        const [written, right] = [String(one), String(other)];
        assert.equal(
          nearMiss(written, right),
          missedSlowly(written, right),
          `${written} for ${right}`
        );
      }
    ),
    { numRuns: 3000 }
  );
  for (const odd of ['', '1.5', '-85', '8 5']) assert.equal(nearMiss(odd, '86'), undefined, odd);
});

test('the number facts behind an answer are those that give it, all else being right', () => {
  /** 6 x 7, or a multiple more or less; answer = 10 times that. */
  const graph = graphOf([
    step('fact', [], () => 42n, { facts: () => [48n, 36n, 49n, 35n] }),
    step('other', [], () => 1n, { facts: () => [2n] }),
    step(ANSWER, ['fact', 'other'], (get) => 10n * number(get, 'fact')! * number(get, 'other')!)
  ]);
  assert.deepEqual(factsBehind(graph, 480n), ['fact']);
  assert.deepEqual(factsBehind(graph, 840n), ['other']);
  assert.deepEqual(factsBehind(graph, 430n), []);
});
