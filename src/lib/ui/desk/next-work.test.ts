import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { byTurn, nextWork } from './next-work';

const sittings = fc.array(
  fc.record({
    satOn: fc.integer({ min: 10, max: 28 }).map((date) => `2026-11-${date}`),
    marked: fc.nat(3)
  })
);
const papers = fc.array(fc.record({ isSat: fc.boolean(), itemCount: fc.nat(2) }));

test('marking comes first; what is begun, then what has waited longest', () => {
  fc.assert(
    fc.property(sittings, papers, (open, drafts) => {
      fc.pre(open.length > 0);
      const next = nextWork({ open, papers: drafts, done: [] });
      assert.ok(next?.kind === 'mark');
      const turn = ({ marked, satOn }: (typeof open)[number]) =>
        `${marked > 0 ? 'begun' : 'later'} ${satOn}`;
      assert.equal(turn(next.sitting), open.map(turn).sort()[0]);
      assert.deepEqual(byTurn(open).map(turn), open.map(turn).sort());
    }),
    { seed: 26 }
  );
});

test('where nothing is to be marked, a paper with items waits to be sat, or results to be practised', () => {
  fc.assert(
    fc.property(papers, fc.array(fc.nat()), (drafts, done) => {
      const next = nextWork({ open: [], papers: drafts, done });
      const ready = drafts.filter(({ isSat, itemCount }) => !isSat && itemCount > 0);
      const [paper] = ready;
      const [sitting] = done;
      if (paper) assert.deepEqual(next, { kind: 'sit', paper });
      else if (done.length > 0) assert.deepEqual(next, { kind: 'practise', sitting });
      else assert.equal(next, null);
    }),
    { seed: 26 }
  );
});
