import assert from 'node:assert/strict';
import { test } from 'node:test';
import { gainOf, rateOf } from './timed-rate';

test('a rate is right answers a minute, of sheets with a score and a time', () => {
  assert.equal(rateOf({ score: 9, seconds: 60 }), 9);
  assert.equal(rateOf({ score: 9, seconds: 90 }), 6);
  assert.equal(rateOf({ score: 0, seconds: 90 }), 0);
  assert.equal(rateOf({ score: null, seconds: 90 }), null);
  assert.equal(rateOf({ score: 9, seconds: null }), null);
  assert.equal(rateOf({ score: 9, seconds: 0 }), null);
});

test('a gain is between the last two sheets that have a rate', () => {
  const sheet = (score: number | null) => ({ score, seconds: 60 });
  assert.equal(gainOf([sheet(5), sheet(9), sheet(12)]), 3);
  assert.equal(gainOf([sheet(12), sheet(null), sheet(9)]), -3);
  assert.equal(gainOf([sheet(12), sheet(null)]), null);
  assert.equal(gainOf([]), null);
});
