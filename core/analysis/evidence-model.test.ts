import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { likelihood, type Habits, type Seen } from './evidence-model';

const COINCIDENCE = 0.1;
/** Three outcomes are each a little less than impossible. */
const CLOSE = 1e-3;

const none = { could: 0, did: 0, likeCould: false, likeDid: false };
const chance = (seen: Partial<Seen> & Pick<Seen, 'outcome'>, habits: Habits) =>
  likelihood({ ...none, ...seen }, habits, COINCIDENCE);

const near = (value: number, wanted: number) =>
  assert.ok(Math.abs(value - wanted) < CLOSE, `${value} is not ${wanted}`);

test('of one pattern that is followed four times in five by a pupil who slips once in ten, worked by hand', () => {
  const habits = { degree: 0.8, slipRate: 0.1, spoils: 0, likeness: 0 };
  // Followed without a slip, or forgotten with a slip that looks like it: 0.8 x 0.9 + 0.2 x 0.1 x 0.1.
  near(chance({ outcome: 'explained', could: 1, did: 1 }, habits), 0.722);
  near(chance({ outcome: 'right', could: 1 }, habits), 0.18);
  // Followed with a slip, or forgotten with a slip of another kind: 0.8 x 0.1 + 0.2 x 0.1 x 0.9.
  near(chance({ outcome: 'otherwise', could: 1 }, habits), 0.098);
});

test('of an unknown error on half the items that looks like a pattern on two of five, worked by hand', () => {
  const habits = { degree: 0, slipRate: 0.1, spoils: 0.5, likeness: 0.4 };
  const like = { likeCould: true };
  near(chance({ outcome: 'explained', ...like, likeDid: true }, habits), 0.205);
  near(chance({ outcome: 'explained', ...like }, habits), 0.035);
  near(chance({ outcome: 'otherwise', ...like }, habits), 0.315);
  near(chance({ outcome: 'right', ...like }, habits), 0.45);
});

test('the ways an item can go come to one, whatever is held', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(share, share, share, fc.nat(3), (degree, slipRate, spoils, could) => {
      const habits = { degree, slipRate, spoils, likeness: 0 };
      const all =
        chance({ outcome: 'explained', could, did: could }, habits) +
        chance({ outcome: 'right', could }, habits) +
        chance({ outcome: 'otherwise', could }, habits);
      near(all, 1);
    })
  );
});

test('patterns that could show and did not share the chance of what was followed', () => {
  const habits = { degree: 1, slipRate: 0, spoils: 0, likeness: 0 };
  near(chance({ outcome: 'explained', could: 2, did: 1 }, habits), 0.5);
  near(chance({ outcome: 'explained', could: 2, did: 2 }, habits), 1);
  near(chance({ outcome: 'right', could: 2 }, habits), 0);
});
