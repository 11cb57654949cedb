import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { usualAdvice } from '../house-style';
import '../catalogue/all';
import { skills } from '../catalogue/all';
import { isInHead, skillOf } from '../skill';
import { choiceAmong, competing, takenBy } from './best-strategy';
import { byCost, costsOf, least, type Cost } from './costs';

const cost = fc.record({ steps: fc.nat(6), held: fc.nat(6) });

test('less held comes first, then fewer steps; those that cost least are all that tie', () => {
  fc.assert(
    fc.property(fc.array(cost, { minLength: 1, maxLength: 8 }), (ways) => {
      const worth = ({ held, steps }: Cost) => 100 * held + steps;
      const smallest = Math.min(...ways.map(worth));
      assert.deepEqual(
        least(ways),
        ways.filter((way) => worth(way) === smallest)
      );
      for (const one of ways) {
        for (const other of ways) {
          assert.equal(Math.sign(byCost(one, other)), Math.sign(worth(one) - worth(other)));
        }
      }
    })
  );
});

test('what is held is counted as a department counts it', () => {
  const skill = skillOf('near-multiple-subtraction');
  const given = skill.given.from!(['532', '298'])!;
  const held = (how: typeof usualAdvice.held) =>
    costsOf(skill, given, { ...usualAdvice, held: how })[0]!;
  // 300 is seen from 298, 232 is held while 2 is added: with it 300 is held before, and 232 and 2 after.
  assert.equal(held('digits').held, 4);
  assert.equal(held('without-zeros').held, 4);
  assert.equal(held('values').held, 2);
  assert.equal(held('digits').steps, 4);
});

test('numbers change places only where that changes nothing, and then as it suits them', () => {
  const near = skillOf('near-multiple-addition');
  const turned = takenBy(near, { operation: 'addition', operands: ['298', '57'] })!;
  assert.ok(turned.applies);
  assert.deepEqual(turned.operands, ['57', '298']);
  const taking = skillOf('near-multiple-subtraction');
  const away = { operation: 'subtraction', operands: ['57', '298'] } as const;
  assert.equal(takenBy(taking, away), undefined);
  assert.equal(takenBy(near, { operation: 'multiplication', operands: ['57', '298'] }), undefined);
});

test('ways in the head come before those on paper, unless a department weighs them together', () => {
  const ways = ['column-addition', 'near-doubles'].map((id) => ({ skill: skillOf(id) }));
  const ids = (onPaper: typeof usualAdvice.onPaper) =>
    competing(ways, { ...usualAdvice, onPaper }).map(({ skill }) => skill.id);
  assert.deepEqual(ids('last'), ['near-doubles']);
  assert.deepEqual(ids('weighed'), ['column-addition', 'near-doubles']);
  assert.deepEqual(competing([ways[0]!]), [ways[0]]);
  assert.ok(isInHead(ways[1]!.skill) && !isInHead(ways[0]!.skill));
});

test('the best way of any sum is one that suits, and none that competes costs less', () => {
  const two = fc.integer({ min: 11, max: 99 }).map(String);
  fc.assert(
    fc.property(two, two, (one, other) => {
      const sum = { operation: 'addition', operands: [one, other] } as const;
      const { best, margin } = choiceAmong(skills, sum);
      const all = skills.flatMap((skill) => takenBy(skill, sum) ?? []);
      const suiting = all.filter(({ applies }) => applies);
      assert.ok(best.every(({ skill }) => suiting.some((way) => way.skill === skill)));
      const costs = competing(suiting).map(
        ({ skill, given }) => costsOf(skill, given).toSorted(byCost)[0]!
      );
      const [first, next] = costs.toSorted(byCost);
      for (const way of best) assert.equal(byCost(way, first!), 0);
      assert.equal(margin, next ? next.held - first!.held : Infinity);
    }),
    { numRuns: 40 }
  );
});
