import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  ANSWER,
  evaluate,
  exchanged,
  graphOf,
  gapSteps,
  isModelled,
  isShown,
  liveSteps,
  modelledTexts,
  replaceRules,
  stepOf,
  valuesOf,
  swaps
} from '.';
import { signedNumber, wholeNumber } from '../numbers';
import { number, step } from './step.test-helper';

/** a --> b = a + 1 --> c = a × b --> answer = c + b; the mark m is 0 and rightly unwritten. */
const graph = graphOf(
  [
    step('a', [], () => 3n),
    step('m', [], () => 0n, { silentAt: 0n }),
    step('b', ['a'], (get) => number(get, 'a')! + 1n),
    step('c', ['a', 'b'], (get) => number(get, 'a')! * number(get, 'b')!),
    step(ANSWER, ['b', 'c', 'm'], (get) => number(get, 'c')! + number(get, 'b')!)
  ],
  [swaps([['a', 'b']])]
);

test('values follow from the rules, from what is fixed, and only where they are asked for', () => {
  assert.deepEqual([...evaluate(graph).values()], [3n, 0n, 4n, 12n, 16n]);
  fc.assert(
    fc.property(fc.bigInt(0n, 99n), (a) => {
      const values = evaluate(graph, new Map([['a', a]]));
      assert.equal(values.get(ANSWER), a * (a + 1n) + a + 1n);
    })
  );
  let asked = 0;
  const counting = replaceRules(graph, { b: { uses: [], rule: () => BigInt(++asked) } });
  assert.equal(valuesOf(counting)('a'), 3n);
  assert.equal(asked, 0);
  const value = valuesOf(counting);
  assert.equal(value(ANSWER), 4n);
  assert.equal(value('b'), 1n);
});

test('a missing step and a step that uses itself are a programmer’s mistakes', () => {
  assert.throws(() => valuesOf(graph)('z'), /no step 'z'/);
  assert.throws(() => stepOf(graph, 'z'), /no step 'z'/);
  assert.throws(() => replaceRules(graph, { z: { uses: [], rule: () => 1n } }), /no step 'z'/);
  const round = replaceRules(graph, { a: { uses: ['b'], rule: (get) => get('b') } });
  assert.throws(() => evaluate(round), /uses itself/);
});

test('what is silent is not shown, but stands in an example if it shows the way', () => {
  const values = evaluate(graph);
  const [shown, modelled] = [isShown, isModelled].map((test) =>
    graph.steps.filter((one) => test(one, values.get(one.id))).map(({ id }) => id)
  );
  assert.deepEqual(shown, ['a', 'b', 'c', ANSWER]);
  assert.deepEqual(modelled, shown);
  const steps = graph.steps.map((one) => (one.id === 'm' ? { ...one, modelled: true } : one));
  assert.deepEqual(modelledTexts(graphOf(steps), values), {
    a: '3',
    m: '0',
    b: '4',
    c: '12',
    answer: '16'
  });
  assert.deepEqual(gapSteps(graph, values), new Set(['b', ANSWER]));
});

test('a step is held from when it is found until it is last used, unless it is seen', () => {
  const values = evaluate(graph);
  assert.deepEqual(liveSteps(graph, values), [['a'], ['a'], ['a', 'b'], ['b', 'c'], []]);
  const seen = graph.steps.map((one) => (one.id === ANSWER ? { ...one, holds: ['c'] } : one));
  assert.deepEqual(liveSteps(graphOf(seen), values)[3], ['c']);
});

test('an exchange takes each of a pair to the other, and leaves every other step where it was', () => {
  const [symmetry] = graph.symmetries;
  const taken = graph.steps.map(({ id }) => exchanged(symmetry!, id));
  assert.deepEqual(taken, ['b', 'm', 'a', 'c', ANSWER]);
  assert.deepEqual(
    taken.map((id) => exchanged(symmetry!, id)),
    graph.steps.map(({ id }) => id)
  );
});

test('whole numbers are read with any grouping, signed ones with any minus; nothing else is', () => {
  fc.assert(
    fc.property(
      fc.bigInt(0n, 10n ** 15n),
      fc.constantFrom(' ', ',', '\u202f', ''),
      (value, mark) => {
        const grouped = value.toString().replace(/\B(?=(\d{3})+$)/g, mark);
        assert.equal(wholeNumber.parse(` ${grouped} `), value);
        for (const sign of ['-', '−', '–', '+', '']) {
          const signed = ['', '+'].includes(sign) ? value : -value;
          assert.equal(signedNumber.parse(sign + grouped), signed);
        }
        assert.equal(signedNumber.parse(signedNumber.print(-value)), -value);
      }
    )
  );
  for (const text of ['', '1.5', '1 2', '--1', 'ten', '1e3', '٣']) {
    assert.equal(wholeNumber.parse(text), undefined, text);
    assert.equal(signedNumber.parse(text), undefined, text);
  }
});
