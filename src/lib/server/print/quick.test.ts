import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { quickSheets } from '@zealous-quill/core/quick';
import '@zealous-quill/core/catalogue/all';
import { skillOf } from '@zealous-quill/core/skill';
import { readPdf } from '../../../../scripts/test/pdf-text';
import { renderQuick } from './compile';
import { quickDocument, type QuickPrint } from './quick';

const skill = skillOf('near-multiple-addition');
const { controls } = skill.ladder[3]!;
const sheets = quickSheets(skill, { controls, count: 25, sets: 2, seed: 4 })!;
const style = defaultHouseStyle;

test('sheets have every item and answer of every set, the reader every item in words, strips neither', async () => {
  const printed = async (what: QuickPrint) =>
    readPdf(renderQuick(quickDocument(skill.title, sheets, { what, minutes: 5, style })));
  const plain = (text: string) => text.replace(/\s+/g, '');
  const paper = await printed('sheets');
  const reader = await printed('reader');
  const strips = await printed('strips');
  for (const { isTagged } of [paper, reader, strips]) assert.ok(isTagged, 'tagged');
  assert.equal(paper.pages, 2);
  for (const [at, items] of sheets.sets.entries()) {
    const page = plain(paper.texts[at]!);
    for (const { line, answer } of items) {
      assert.ok(page.includes(plain(`${line} =`)), line);
      assert.ok(page.includes(plain(answer)), answer);
    }
  }
  for (const { words, line } of sheets.sets[0]!) {
    assert.ok(plain(reader.text).includes(plain(words)), words);
    assert.ok(!plain(strips.text).includes(plain(line)), line);
  }
});
