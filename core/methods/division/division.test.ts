import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Decimal } from 'decimal.js';
import fc from 'fast-check';
import { defaultHouseStyle } from '../../house-style';
import { evaluate, graphOf, stepOn, using, writtenValue, type Get } from '../../working';
import { endingQuotient, quotientAcross, quotientOf, quotientStep } from './answer';
import { look } from './look';
import { beginningTo, divided, dividing, figureAt, leftOf, placesFrom } from './partials';

const division = fc.tuple(fc.integer({ min: 1, max: 99_999 }), fc.integer({ min: 2, max: 99 }));

test('what is seen of a division is what a hand writes that divides figure by figure', () => {
  fc.assert(
    fc.property(division, ([dividend, divisor]) => {
      const seen = look({ dividend: String(dividend), divisor: String(divisor) });
      const left: number[] = [];
      let quotient = '';
      let rest = 0;
      for (const figure of String(dividend)) {
        rest = 10 * rest + Number(figure);
        const next = Math.floor(rest / divisor);
        rest %= divisor;
        if (quotient === '' && next === 0) continue;
        quotient += next;
        left.push(rest);
      }
      if (quotient === '') [quotient, rest] = ['0', dividend];
      assert.equal(seen.quotient, quotient);
      assert.equal(seen.remainder, rest);
      assert.deepEqual(seen.remainders, left.slice(0, -1));
      const leading = String(dividend).slice(0, String(divisor).length);
      assert.equal(seen.leadingShort, Number(leading) < divisor);
    })
  );
});

test('the figures of a dividend stand at their places, and its beginnings are what stands before one', () => {
  fc.assert(
    fc.property(division, ([dividend, divisor]) => {
      const item = dividing({ dividend: String(dividend), divisor: String(divisor) });
      const places = placesFrom(item);
      assert.equal(places.map((place) => figureAt(item, place)).join(''), String(dividend));
      for (const place of places) {
        assert.equal(beginningTo(item, place), BigInt(Math.floor(dividend / 10 ** place)));
      }
      assert.equal(item.remainder, BigInt(dividend % divisor));
      assert.equal(10 ** item.top <= Math.max(1, Math.floor(dividend / divisor)), true);
    })
  );
});

test('a figure and what it leaves are one number fact: together they make up what was divided', () => {
  fc.assert(
    fc.property(fc.bigInt(0n, 500n), fc.bigInt(2n, 60n), (partial, divisor) => {
      const { quotient, left } = divided(
        'partial',
        using([], () => partial),
        divisor
      );
      const figure = quotient.rule(() => undefined)!;
      const get: Get = (id) => (id === 'partial' ? figure : undefined);
      assert.equal(left.rule(get), partial % divisor);
      assert.equal(quotient.total.join(figure, left.rule(get)!), partial);
      assert.equal(quotient.total.part(partial), figure);
      assert.equal(left.total.part(partial), partial % divisor);
      const facts = quotient.facts(() => undefined);
      assert.ok(facts.includes(partial + divisor));
      assert.equal(facts.includes(partial - divisor), partial >= divisor);
      // A figure that is too large leaves less than nothing.
      const tooLarge: Get = () => figure + 1n;
      assert.equal(left.rule(tooLarge), undefined);
    })
  );
  const none = leftOf(
    using([], () => undefined),
    7n,
    'figure'
  );
  assert.equal(
    none.rule(() => 1n),
    undefined
  );
});

test('the quotient reads its figures across; what is left need not be seen where nothing is', () => {
  const answer = (dividend: string, divisor: string, figures: readonly bigint[], left?: bigint) => {
    const item = dividing({ dividend, divisor });
    const steps = figures.map((figure, at) =>
      stepOn(
        `quotient.${figures.length - 1 - at}`,
        using([], () => figure)
      )
    );
    const rest = stepOn(
      'left',
      using([], () => left)
    );
    const step = quotientAcross(
      item,
      using(['left'], (value) => value)
    );
    return evaluate(graphOf([...steps, rest, step])).get('answer');
  };
  assert.deepEqual(answer('432', '5', [0n, 8n, 6n], 2n), quotientOf(86n, 2n));
  assert.deepEqual(answer('435', '5', [0n, 8n, 7n]), quotientOf(87n, 0n));
  assert.equal(answer('432', '5', [0n, 8n, 6n]), undefined);
});

test('a quotient that ends within three places is that of a general library, and others are left', () => {
  fc.assert(
    fc.property(division, ([dividend, divisor]) => {
      const ending = endingQuotient(BigInt(dividend), BigInt(divisor));
      const exact = new Decimal(dividend).div(divisor);
      assert.equal(ending !== undefined, exact.decimalPlaces() <= 3, `${dividend} / ${divisor}`);
      if (ending) {
        assert.equal(new Decimal(`${ending.units}e-${ending.places}`).toString(), exact.toString());
        assert.ok(ending.places === 0 || ending.units % 10n !== 0n);
      }
    })
  );
  const written = (
    quotient: bigint,
    remainder: bigint,
    divisor: bigint,
    how: 'r' | 'fraction' | 'decimal'
  ) =>
    writtenValue(
      stepOn(
        'answer',
        using([], () => undefined),
        quotientStep(divisor)
      ),
      quotientOf(quotient, remainder),
      { ...defaultHouseStyle, remainder: how }
    );
  assert.equal(written(28n, 12n, 15n, 'fraction'), '28 4/5');
  assert.equal(written(28n, 12n, 15n, 'decimal'), '28.8');
  assert.equal(written(28n, 12n, 15n, 'r'), '28 r 12');
  // A third does not end, and what is left over by mistake is not hidden by reducing it.
  assert.equal(written(5n, 1n, 3n, 'decimal'), '5 r 1');
  assert.equal(written(5n, 6n, 4n, 'fraction'), '5 6/4');
});
