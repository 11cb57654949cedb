import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { startLadder } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { renderPdf, renderSvg, sectionPlaces } from './compile';
import { partsNow, printDocument } from './document';
import { svgPages } from './svg-pages';

test('a print on screen has the pages of the print, each with its glyphs, and a place for each section', () => {
  const paper = { ...startLadder('column-addition', 'Practice', { seed: 11 }), edition: 1 };
  const document = printDocument(
    paper,
    partsNow(paper, defaultHouseStyle),
    'solutions',
    defaultHouseStyle
  );
  const pages = svgPages(renderSvg(document));
  const pdf = renderPdf(document).toString('latin1');
  assert.equal(pages.length, [...pdf.matchAll(/\/Type ?\/Page\b/g)].length);
  assert.ok(pages.length > 1);
  for (const page of pages) {
    const drawn = new Set([...page.matchAll(/<symbol id="([^"]+)"/g)].map(([, id]) => id));
    const used = [...page.matchAll(/href="#([^"]+)"/g)].map(([, id]) => id);
    assert.ok(used.length > 50 && used.every((id) => drawn.has(id)));
  }
  const places = sectionPlaces(document);
  assert.deepEqual(
    places.map(({ id }) => id),
    document.sections.map(({ id }) => id)
  );
  assert.ok(places.every(({ at }, i) => at > 0 && at < 1 && at > (places[i - 1]?.at ?? 0)));
});
