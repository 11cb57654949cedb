import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { fromPlans, startLadder } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { readPdf } from '../../../../scripts/test/pdf-text';
import { renderPdf } from './compile';
import { partsNow, printDocument, type PrintDocument } from './document';
import { fitPages, type ItemPlace } from './fit-pages';

const whole = (() => {
  const paper = { ...startLadder('column-addition', 'Lantern counts', { seed: 3 }), edition: 1 };
  const parts = partsNow(paper, defaultHouseStyle);
  return printDocument(paper, parts, 'paper', defaultHouseStyle);
})();

/** A document whose sections have so many items. */
function ofSections(counts: readonly number[]): PrintDocument {
  let number = 0;
  const [item] = whole.sections[0]!.items;
  const sections = counts.map((count, at) => ({
    ...{ id: `s${at}`, title: '', note: '' },
    items: Array.from({ length: count }, () => ({ ...item!, number: ++number }))
  }));
  return { ...whole, sections };
}

/** A layout by height alone: items of one height, sections that begin with a head, pages of so much. */
function laidOut({ sections, isTight, breakBefore }: PrintDocument, room: number): ItemPlace[] {
  const height = isTight ? 9 : 10;
  let [page, used] = [1, 0];
  return sections.flatMap(({ id, items }) => {
    if (id === breakBefore) [page, used] = [page + 1, 0];
    return items.map(({ number }, at) => {
      const need = height + (at === 0 ? 4 : 0);
      if (used + need > room) [page, used] = [page + 1, 0];
      used += need;
      return { number, page };
    });
  });
}

test('pages never become more, and the last holds one or two items only where nothing can be done', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 1, maxLength: 8 }),
      fc.integer({ min: 40, max: 120 }),
      (counts, room) => {
        const document = ofSections(counts);
        const place = (one: PrintDocument) => laidOut(one, room);
        const before = place(document);
        const after = place(fitPages(document, place));
        const lastOf = (places: readonly ItemPlace[]) =>
          Math.max(...places.map(({ page }) => page));
        const onLast = (places: readonly ItemPlace[]) =>
          places.filter(({ page }) => page === lastOf(places)).length;
        assert.ok(lastOf(after) <= lastOf(before), 'no page more');
        if (lastOf(after) === lastOf(before)) {
          assert.ok(onLast(after) >= onLast(before), 'no item less on the last page');
        }
      }
    ),
    { seed: 12, numRuns: 400 }
  );
});

test('a section more goes to the last page that had one item, and what fits tighter takes a page less', () => {
  const place = (room: number) => (one: PrintDocument) => laidOut(one, room);
  const moved = fitPages(ofSections([4, 3, 1]), place(80));
  assert.deepEqual([moved.isTight, moved.breakBefore], [false, 's1']);
  const tight = fitPages(ofSections([8, 1]), place(94));
  assert.deepEqual([tight.isTight, tight.breakBefore], [true, '']);
  const full = ofSections([8, 8]);
  assert.equal(fitPages(full, place(84)), full);
});

test('a key that nearly fits on a page stands on one', async () => {
  const plan = (count: number) => ({
    ...{ skill: 'column-subtraction', kind: 'set-out' as const, count },
    controls: { digits: 4, regroupings: 2 }
  });
  const pagesOf = async (count: number) => {
    const paper = { ...fromPlans('Keys', 5, [plan(count)]), edition: 1 };
    const parts = partsNow(paper, defaultHouseStyle);
    return (await readPdf(renderPdf(printDocument(paper, parts, 'key', defaultHouseStyle)))).pages;
  };
  const counts = [10, 12, 14, 16, 18, 20, 22, 24];
  const pages = [];
  for (const count of counts) pages.push(await pagesOf(count));
  assert.ok(pages[0] === 1 && pages.at(-1)! <= 2, pages.join());
});
