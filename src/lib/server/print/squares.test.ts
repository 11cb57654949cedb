import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { fromPlans } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { placedText } from '../../../../scripts/test/pdf-text';
import { renderPdf } from './compile';
import { partsNow, printDocument } from './document';

/** Points in a millimetre. */
const POINTS = 72 / 25.4;

test('on paper every mark stands in its square, small ones too', async () => {
  const controls = { addends: 2, digits: 3, shortest: 3, carries: 2 };
  const plan = { skill: 'column-addition', kind: 'worked-example' as const, count: 1, controls };
  const paper = { ...fromPlans('Squares', 5, [plan]), edition: 1 };
  const print = printDocument(
    paper,
    partsNow(paper, defaultHouseStyle),
    'paper',
    defaultHouseStyle
  );
  const marks = print.sections[0]!.items[0]!.picture!.marks.filter(({ text }) => text !== '');
  const texts = await placedText(renderPdf(print));
  const ones = marks.find(({ role, text }) => role === 'heading' && text === 'O')!;
  const found = texts.find(({ text }) => text === 'O')!;
  const side = print.square * POINTS;
  assert.equal(marks.filter(({ role }) => role === 'carry').length, 2);
  for (const { text, x, y, width, height } of marks) {
    // From the heading of the ones, rightwards and downwards.
    const [across, down] = [
      (x + width / 2 - ones.x - ones.width / 2) * side,
      (y + height / 2 - ones.y - ones.height / 2) * side
    ];
    const isThere = texts.some(
      (one) =>
        one.text === text &&
        Math.abs(one.x - found.x - across) < side * 0.2 &&
        Math.abs(found.y - one.y - down) < side * 0.35
    );
    assert.ok(isThere, `${text} at ${x}, ${y}`);
  }
});
