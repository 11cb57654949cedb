import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { startLadder } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import fc from 'fast-check';
import { readPdf } from '../../../../scripts/test/pdf-text';
import { renderFeedback, renderPdf } from './compile';
import { partsNow, printDocument } from './document';

const ladder = startLadder('square-ending-five', 'Practice', { seed: 11 });
const parts = partsNow(ladder, defaultHouseStyle);

/** All that is printed, without the spaces at which lines break. */
async function inkOf(pdf: Buffer): Promise<string> {
  return plain((await readPdf(pdf)).text);
}
const plain = (text: string) => text.replace(/\s/g, '');

async function titled(title: string): Promise<string> {
  const document = printDocument({ ...ladder, title, edition: 1 }, parts, 'key', defaultHouseStyle);
  return inkOf(renderPdf(document));
}

const ascii = Array.from({ length: 95 }, (_, at) => String.fromCharCode(32 + at)).join('');

test('a title stands in print as it was typed: all of ASCII, dates, and lines that are markup elsewhere', async () => {
  const titles = [
    ascii.trim(),
    'Homework of 24/11/2026 for 7/8',
    '#set page(fill: red) $x^2$ *bold* _slant_ `code` <label> @ref',
    '= No heading \\ // no comment /* none */ ~ -- --- ... "quoted" \'so\'',
    '#panic("no") [#image("data.json")] #{ 1 + 1 }',
    '\\u{41} \\n \\" {{title}} ${title} %s &amp; <b>'
  ];
  for (const title of titles) assert.ok((await titled(title)).includes(plain(title)), title);
  await fc.assert(
    fc.asyncProperty(
      fc.string({ unit: 'grapheme-ascii', minLength: 1, maxLength: 60 }),
      async (text) => {
        const title = `L${text.trimEnd()}`;
        assert.ok((await titled(title)).includes(plain(title)));
      }
    ),
    { numRuns: 40, seed: 24 }
  );
});

test('names, classes and comments on slips stand as they were typed', async () => {
  const hostile = [ascii.trim(), '#read("data.json") 1/2 *so*', '$ sum_(i=0)^n $ @all <x>'];
  for (const text of hostile) {
    const slip = {
      ...{ name: text, total: 3, grade: text, items: [{ label: '1', marks: '3 / 4' }] },
      skills: [{ title: text, earned: 3, available: 4 }],
      practise: [{ title: text, watch: text }]
    };
    const ink = await inkOf(
      renderFeedback({
        paper: 'a4',
        title: text,
        about: text,
        available: 4,
        slips: [{ ...slip, wrong: [], comments: [{ label: '1', text }] }]
      })
    );
    assert.ok(ink.split(plain(text)).length > 4, text);
  }
});
