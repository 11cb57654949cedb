import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { Range } from './counter';
import { automatonItems } from './item-space';
import { NumeralAutomaton, type DigitEffect } from './numeral-automaton';
import { listsOf, members } from './spaces.test-helper';
import { Tally, type Counter } from './tally';

const FACTOR = 4;
const DIGITS = [0, 3, 5, 9];
const LENGTHS = { min: 1, max: 4 };
const ANY = { min: 0, max: Infinity };

/** A number times 4 in columns: what is carried from the ones to the left, the last not held. */
function effectsOf(digits: readonly number[]): DigitEffect[] {
  let carry = 0;
  return digits.map((digit, at) => {
    carry = Math.floor((digit * FACTOR + carry) / 10);
    return { digit, held: at === digits.length - 1 ? 0 : carry };
  });
}

type Counted = 'held' | 'largest' | 'run';

const gains: Record<Counted, (effect: DigitEffect) => number> = {
  held: ({ held }) => Number(held > 0),
  largest: ({ held }) => held,
  run: ({ held }) => Number(held > 0)
};

/** The same counts, taken from the list of all effects of a number. */
function measured(digits: readonly number[]): Record<Counted, number> {
  const effects = effectsOf(digits);
  const runs = effects.map((_, at) => {
    const end = effects.findIndex(({ held }, place) => place >= at && held === 0);
    return (end < 0 ? effects.length : end) - at;
  });
  return {
    held: effects.filter(({ held }) => held > 0).length,
    largest: Math.max(...effects.map(({ held }) => held)),
    run: Math.max(...runs)
  };
}

/** Every numeral of these digits, ones first. */
const numerals = [1, 2, 3, 4].flatMap((length) =>
  listsOf(DIGITS, length).filter((digits) => digits.at(-1) !== 0)
);

function space(asked: Partial<Record<Counted, Range>>) {
  const counter = (name: Counted, by: Counter<DigitEffect>['by']): Counter<DigitEffect> => ({
    ...{ range: asked[name] ?? ANY, by, gain: gains[name] },
    limit: name === 'largest' ? 3 : 4
  });
  return automatonItems(
    (told) =>
      new NumeralAutomaton({
        lengths: LENGTHS,
        digits: DIGITS,
        holds: FACTOR,
        hold: (digit, before) => Math.floor((digit * FACTOR + before) / 10),
        tally: new Tally(
          {
            held: counter('held', 'sum'),
            largest: counter('largest', 'largest'),
            run: counter('run', 'run')
          },
          told
        ),
        write: (digits) => digits.join(),
        told: (length) => ({ length })
      })
  );
}

const range = fc.tuple(fc.nat(4), fc.nat(4), fc.boolean()).map(([one, other, isOpen]) => ({
  min: Math.min(one, other),
  max: isOpen ? Infinity : Math.max(one, other)
}));

test('numerals under any ranges of what is held are those that a list of all keeps, by count, rank and features', () => {
  fc.assert(
    fc.property(
      fc.record({ held: range, largest: range, run: range }, { requiredKeys: [] }),
      (asked) => {
        const listed = numerals.filter((digits) => {
          const counts = measured(digits);
          return (Object.entries(asked) as [Counted, Range][]).every(
            ([name, { min, max }]) => counts[name] >= min && counts[name] <= max
          );
        });
        const items = space(asked);
        assert.equal(items.count, BigInt(listed.length));
        assert.equal(items.isEmpty, listed.length === 0);
        assert.deepEqual(members(items.ranked()).sort(), listed.map(String).sort());
        const names = ['held', 'largest', 'run', 'length'];
        const wanted = new Map<string, bigint>();
        for (const digits of listed) {
          const { held, largest, run } = measured(digits);
          const key = [held, largest, run, digits.length].join();
          wanted.set(key, (wanted.get(key) ?? 0n) + 1n);
        }
        const told = items
          .combinations(names)
          .map(
            ({ features, count }) => [names.map((name) => features[name]).join(), count] as const
          );
        assert.deepEqual(new Map(told), wanted);
      }
    ),
    { numRuns: 120 }
  );
});
