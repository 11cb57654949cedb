import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { added, areSame, ratio, times } from '../../../numbers/ratio';
import { answerReading } from './answer';
import { tiny } from './sample.test-helper';
import { units } from './units';

const pairs = Object.keys(units).flatMap((large) =>
  Object.keys(units).flatMap((small) => {
    const [one, other] = [units[large]!, units[small]!];
    return one.kind === other.kind && one.size > other.size ? [[large, small] as const] : [];
  })
);

test('a quantity in two units is worth what both are together', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...pairs),
      fc.integer({ min: 1, max: 40 }),
      fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true }),
      fc.constantFrom(' ', ', ', ' and '),
      ([large, small], many, part, between) => {
        const factor = units[large]!.size / units[small]!.size;
        const few = Math.floor(part * factor);
        const reading = answerReading({ context: tiny, unit: small, notation: 'number' });
        const first = large === '£' ? `£${many}` : `${many} ${large}`;
        const amount = reading.parse(`${first}${between}${few} ${small}`)!;
        const expected = added(
          times(ratio(BigInt(many)), ratio(BigInt(factor))),
          ratio(BigInt(few))
        );
        const inSmall = times(amount.worth, ratio(BigInt(factor)));
        assert.equal(amount.unit, large);
        assert.ok(areSame(inSmall, expected), `${first} ${few} ${small}`);
      }
    ),
    { seed: 28, numRuns: 400 }
  );
});

test('what is not two units of one kind, the larger first, is no such quantity', () => {
  const reading = answerReading({ context: tiny, unit: 'minute', notation: 'number' });
  for (const text of ['35 min 1 h', '1 h 75 min', '2 kg 30 min', '1 h 1 h', '3 eggs 2 nests']) {
    assert.equal(reading.parse(text), undefined, text);
  }
});
