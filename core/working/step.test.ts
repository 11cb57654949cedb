import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { ANSWER, evaluate, graphOf, replaceRules, usersOf } from './graph';
import {
  changing,
  constant,
  factsBeside,
  parting,
  rulesOf,
  seeing,
  step,
  stepOn,
  unwrittenAt,
  using,
  usingAny
} from './step';

test('an id says what kind of step it is, and at which place', () => {
  const seen = (id: string) => {
    const { kind, place } = step(id, [], () => 0n);
    return [kind, place];
  };
  assert.deepEqual(seen('digit.0'), ['digit', 0]);
  assert.deepEqual(seen('carry.-2'), ['carry', -2]);
  assert.deepEqual(seen('row.3.digit.1'), ['digit', 1]);
  assert.deepEqual(seen('sum.carry.12'), ['sum.carry', 12]);
  assert.deepEqual(seen(ANSWER), [ANSWER, undefined]);
});

test('a rule is not asked where a value is missing, unless it wants to be', () => {
  const get = (id: string) => (id === 'there' ? 4n : undefined);
  const sum = (one?: bigint, other?: bigint) => (one ?? 0n) + (other ?? 0n);
  assert.equal(using(['there', 'gone'], sum).rule(get), undefined);
  assert.equal(usingAny<[bigint?, bigint?]>(['there', 'gone'], sum).rule(get), 4n);
  assert.deepEqual(using(['there', 'gone'], sum).uses, ['there', 'gone']);
});

test('a total is parted into a figure and what is carried, in any base, and joined again', () => {
  fc.assert(
    fc.property(fc.bigInt(0n, 10n ** 6n), fc.bigInt(2n, 16n), (total, base) => {
      const { written, carried } = parting(
        'total',
        using([], () => total),
        base
      );
      const get = () => undefined;
      const parts = [written.rule(get)!, carried.rule(get)!] as const;
      assert.ok(parts[0] < base);
      assert.equal(parts[1] * base + parts[0], total);
      for (const { total: whole } of [written, carried]) {
        assert.equal(whole.rule(get), total);
        assert.equal(whole.join(...parts), total);
      }
      assert.equal(written.total.part(total), parts[0]);
      assert.equal(carried.total.part(total), parts[1]);
    }),
    { seed: 1852 }
  );
  const none = parting(
    'total',
    using([], () => undefined),
    10n
  );
  assert.equal(
    none.written.rule(() => undefined),
    undefined
  );
});

test('beside a table fact are the products with a factor one larger or smaller', () => {
  for (let one = 0n; one <= 12n; one++) {
    for (let other = 0n; other <= 12n; other++) {
      const beside = [
        one * (other + 1n),
        one * (other - 1n),
        (one + 1n) * other,
        (one - 1n) * other
      ];
      assert.deepEqual(
        factsBeside(one * other, one, other).toSorted((a, b) => Number(a - b)),
        beside.filter((fact) => fact >= 0n).toSorted((a, b) => Number(a - b)),
        `${one} x ${other}`
      );
    }
  }
});

/** start 7 -> double 14 -> answer 15. */
const graph = graphOf([
  step('start', [], () => 7n),
  step('double', ['start'], (start) => 2n * start),
  step(ANSWER, ['double'], (double) => double + 1n)
]);
const answered = (replaced: Parameters<typeof replaceRules>[1]) =>
  evaluate(replaceRules(graph, replaced)).get(ANSWER);

test('rules are put in the place of others, changed, or shown another value', () => {
  assert.equal(answered({}), 15n);
  assert.equal(answered({ double: constant(5) }), 6n);
  assert.equal(answered({ double: constant(undefined) }), undefined);
  assert.equal(answered(changing<bigint>(graph, 'double', (value) => value + 10n)), 25n);
  const { rule } = graph.byId.get('double')!;
  const shown = { uses: ['start'], rule: seeing(rule, 'start', () => 50n) };
  assert.equal(answered({ double: shown }), 101n);
  assert.equal(answered(rulesOf([step('double', ['start'], (start) => 3n * start)])), 22n);
  assert.throws(() => replaceRules(graph, { triple: constant(1) }), /no step 'triple'/);
});

test('a step that is rightly unwritten at a value is left out for that value', () => {
  const silent = stepOn(
    'carry.1',
    using([], () => 0n),
    unwrittenAt(0n)
  );
  assert.deepEqual([silent.leftOut, silent.silentAt], [0n, 0n]);
});

test('the users of a step are those that name it, in their order', () => {
  fc.assert(
    fc.property(fc.array(fc.array(fc.nat(8), { maxLength: 3 }), { maxLength: 9 }), (asked) => {
      const steps = asked.map((uses, at) =>
        step(
          `s${at}`,
          [...new Set(uses.filter((use) => use < at).map((use) => `s${use}`))],
          () => 0n
        )
      );
      const made = graphOf(steps);
      for (const { id } of steps) {
        assert.deepEqual(
          usersOf(made, id).map((user) => user.id),
          steps.filter(({ uses }) => uses.includes(id)).map((user) => user.id)
        );
      }
    }),
    { seed: 1852 }
  );
});
