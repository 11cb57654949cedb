import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { isTables, meets, readControls, type Constraint, type Control } from './controls';
import { count, flag, oneOf, tables, titleIn, type FeatureSpec } from './feature';
import { Wanted } from './request';
import { specsOf } from './space-checks.test-helper';
import { defaultHouseStyle } from '../house-style';

const numbered = () => 0;

const specs: readonly FeatureSpec[] = specsOf({
  carries: count([0, 6], 'Carries', '', numbered, { askedTo: 4 }),
  digits: count([1, 9], 'Digits', '', numbered, { usualMin: 2 }),
  base: oneOf<never, number>([10, 100, 1000], 'Base', '', numbered),
  relation: oneOf<never, string>(['same', 'multiple', 'coprime'], 'Relation', '', () => 'same'),
  suited: flag('Suited', '', () => true),
  tables: tables('Tables', '', () => [])
});

const read = (controls: Record<string, Control>, isNew = false) =>
  readControls(specs, controls, { isNew });
const constraint = (name: string, control: Control, isNew = false): Constraint => {
  const found = read({ [name]: control }, isNew);
  assert.ok(found.ok, JSON.stringify([name, control]));
  return found.constraints[name]!;
};
const refused = (name: string, control: Control, isNew = false): string => {
  const found = read({ [name]: control }, isNew);
  assert.ok(!found.ok, JSON.stringify([name, control]));
  assert.equal(found.error.field, name);
  assert.ok(found.error.expected.length > 0);
  return found.error.reason;
};

test('a number is exact, or a range with what is left out filled in', () => {
  assert.deepEqual(constraint('carries', 2), { min: 2, max: 2 });
  assert.deepEqual(constraint('carries', { min: 1, max: 3 }), { min: 1, max: 3 });
  assert.deepEqual(constraint('carries', { min: 1 }), { min: 1, max: 6 });
  assert.deepEqual(constraint('carries', { max: 3 }), { min: 0, max: 3 });
  assert.deepEqual(constraint('carries', {}), { min: 0, max: 6 });
  // Items have two digits and more unless fewer are asked for.
  assert.deepEqual(constraint('digits', { max: 4 }), { min: 2, max: 4 });
  assert.deepEqual(constraint('digits', { max: 1 }), { min: 1, max: 1 });
});

test('what is newly asked names no number beyond the cap; what was stored before may', () => {
  assert.equal(refused('carries', 5, true), 'outside');
  assert.equal(refused('carries', { min: 5 }, true), 'outside');
  assert.equal(refused('carries', { max: 5 }, true), 'outside');
  assert.deepEqual(constraint('carries', { min: 4 }, true), { min: 4, max: 6 });
  assert.deepEqual(constraint('carries', 5), { min: 5, max: 5 });
});

test('of every bad control the field is named, and what is wrong with it', () => {
  assert.equal(refused('carry', 1), 'unknown');
  for (const odd of [true, ['same'], { allow: [2] }, 1.5]) {
    assert.equal(refused('carries', odd), 'kind');
  }
  for (const outside of [-1, 7, { min: -1 }, { max: 7 }]) {
    assert.equal(refused('carries', outside), 'outside');
  }
  assert.equal(refused('carries', { min: 3, max: 2 }), 'reversed');
  assert.equal(refused('relation', []), 'none-allowed');
  assert.equal(refused('relation', ['same', 'other']), 'outside');
  assert.equal(refused('relation', 'same' as never), 'kind');
  assert.equal(refused('suited', 1), 'kind');
  assert.equal(refused('tables', { allow: [] }), 'none-allowed');
  assert.equal(refused('tables', { allow: [1] }), 'outside');
  assert.equal(refused('tables', ['2']), 'kind');
  const first = read({ carries: 2, digits: 12, relation: [] });
  assert.ok(!first.ok && first.error.field === 'digits');
});

test('a measured value meets what is asked where it lies within it', () => {
  fc.assert(
    fc.property(fc.nat(6), fc.nat(6), fc.nat(6), (value, min, max) => {
      const asked = { min: Math.min(min, max), max: Math.max(min, max) };
      assert.equal(
        meets(value, constraint('carries', asked)),
        value >= asked.min && value <= asked.max
      );
    }),
    { seed: 1852 }
  );
  assert.ok(meets('same', constraint('relation', ['same', 'coprime'])));
  assert.ok(!meets('multiple', constraint('relation', ['same', 'coprime'])));
  assert.ok(meets(true, constraint('suited', true)) && !meets(true, constraint('suited', false)));
});

test('of tables each pair needs a digit that is allowed', () => {
  const digits = fc.subarray([2, 3, 4, 5, 6, 7, 8, 9], { minLength: 1 });
  const pairs = fc.array(fc.tuple(fc.integer({ min: 2, max: 9 }), fc.integer({ min: 2, max: 9 })));
  fc.assert(
    fc.property(digits, pairs, (allow, own) => {
      const asked = constraint('tables', { allow });
      assert.ok(isTables(asked));
      assert.equal(
        meets(
          own.map((pair) => pair.join('x')),
          asked
        ),
        own.every((pair) => pair.some((digit) => allow.includes(digit)))
      );
      // A digit may stand beside another where their product needs no other table; 0 and 1 always may.
      const wanted = new Wanted(specs, { tables: asked });
      for (let m = 0; m <= 9; m++) {
        assert.deepEqual(
          wanted.digitsBeside(m),
          [0, 1, 2, 3, 4, 5, 6, 7, 8, 9].filter(
            (digit) => m < 2 || digit < 2 || meets([`${m}x${digit}`], asked)
          )
        );
      }
    }),
    { seed: 1852 }
  );
});

test('what is wanted tells ranges, flags and limits, and the same text where the same is asked', () => {
  const wanted = (controls: Record<string, Control>) => {
    const found = read(controls);
    assert.ok(found.ok);
    return new Wanted(specs, found.constraints);
  };
  const none = wanted({});
  assert.deepEqual(none.range('carries'), { min: 0, max: 6 });
  assert.deepEqual(none.counted('carries'), { min: 0, max: Infinity });
  assert.deepEqual(
    [none.limit('carries'), none.flag('suited'), none.of('base')],
    [...[6, undefined, undefined]]
  );
  const some = wanted({ carries: { min: 2 }, suited: false });
  // A count at its limit may stand for more: so many or more.
  assert.deepEqual(some.counted('carries'), { min: 2, max: Infinity });
  assert.deepEqual(wanted({ carries: { max: 3 } }).counted('carries'), { min: 0, max: 3 });
  assert.equal(some.flag('suited'), false);
  assert.ok(some.asks('base', 'suited') && !some.asks('base', 'relation'));
  assert.ok(some.meets({ carries: 2, other: 'x' }) && !some.meets({ carries: 1 }));
  assert.equal(
    wanted({ relation: ['same', 'coprime'], carries: 1 }).key,
    wanted({ carries: { min: 1, max: 1 }, relation: ['coprime', 'same'] }).key
  );
  assert.notEqual(wanted({ carries: 1 }).key, wanted({ carries: 2 }).key);
  assert.notEqual(wanted({}).key, wanted({ suited: true }).key);
  assert.throws(() => none.range('relation'), /no number feature/);
});

test('a feature of a few numbers has steps, one of words has values; titles may be the house’s', () => {
  const base = specs.find(({ id }) => id === 'base')!;
  assert.deepEqual(base.kind === 'number' && [base.min, base.max, base.steps], [
    ...[10, 1000, [10, 100, 1000]]
  ]);
  assert.equal(specs.find(({ id }) => id === 'relation')!.kind, 'choice');
  assert.equal(titleIn('Carries', defaultHouseStyle), 'Carries');
  assert.equal(
    titleIn(({ takingTen }) => `by ${takingTen}`, defaultHouseStyle),
    `by ${defaultHouseStyle.takingTen}`
  );
});
