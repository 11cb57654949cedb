import assert from 'node:assert/strict';
import { test } from 'node:test';
import { waitedSince, whatIsLeft, whoWaits } from './waiting-words';

const waiting = (scripts: number, begun: number, ...names: string[]) => ({ scripts, begun, names });

test('who waits is named, the others are counted', () => {
  assert.equal(whoWaits(waiting(1, 0, 'Ada Birch')), 'Next is Ada Birch');
  assert.equal(whoWaits(waiting(2, 0, 'Ada Birch', 'Ben Carr')), 'Next are Ada Birch and Ben Carr');
  assert.equal(
    whoWaits(waiting(3, 0, 'Ada Birch', 'Ben Carr', 'Cai Dunn')),
    'Next are Ada Birch, Ben Carr and Cai Dunn'
  );
  assert.equal(
    whoWaits(waiting(9, 0, 'Ada Birch', 'Ben Carr', 'Cai Dunn')),
    'Next are Ada Birch, Ben Carr, Cai Dunn and 6 more'
  );
});

test('what is left is counted in answers and scripts', () => {
  assert.equal(whatIsLeft(1, waiting(1, 0)), '1 answer left on 1 script');
  assert.equal(whatIsLeft(40, waiting(9, 1)), '40 answers left on 9 scripts, 1 of them begun');
  assert.equal(whatIsLeft(5, waiting(2, 2)), '5 answers left on 2 scripts');
});

test('days are counted from the day of the sitting, over the ends of months', () => {
  assert.equal(waitedSince('2026-12-01', '2026-12-01'), 'sat today');
  assert.equal(waitedSince('2026-11-30', '2026-12-01'), 'sat yesterday');
  assert.equal(waitedSince('2026-02-27', '2026-03-01'), 'sat 2 days ago');
  assert.equal(waitedSince('2026-12-04', '2026-12-01'), 'to be sat in 3 days');
});
