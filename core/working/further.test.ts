import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { withFurtherLines } from './further';
import { cellOf, squareCell, type Layout } from './layout';

const rule = (y: number) => ({ x1: 0, y1: y, x2: 3, y2: y });

/** Two lines of one square, and the answer below them. */
const plain: Layout = {
  ...{ width: 3, height: 4 },
  cells: [
    ...[squareCell('line.0', { x: 0, y: 0 }), squareCell('line.1', { x: 0, y: 1 })],
    squareCell('answer', { x: 0, y: 3 })
  ],
  rules: [rule(1), rule(3)]
};

/** The same with three lines that may be added between. */
const sheet: Layout = {
  ...plain,
  further: [2, 3, 4].map((line) => ({
    ...{ after: `line.${line - 1}`, y: line, height: 1 },
    cells: [squareCell(`line.${line}`, { x: 0, y: line })],
    rules: []
  }))
};

test('a further line is there once the line before it is written, and what stood below moves down', () => {
  fc.assert(
    fc.property(fc.subarray([0, 1, 2, 3, 4]), (lines) => {
      const texts = Object.fromEntries(lines.map((line) => [`line.${line}`, '7']));
      const open = withFurtherLines(sheet, texts);
      const first = [1, 2, 3].findIndex((line) => !lines.includes(line));
      const added = first < 0 ? 3 : first;
      assert.equal(open.height, sheet.height + added);
      assert.equal(cellOf(open, 'answer')!.y, 3 + added);
      assert.deepEqual(open.rules, [rule(1), rule(3 + added)]);
      for (const line of [0, 1, 2, 3, 4]) {
        assert.equal(cellOf(open, `line.${line}`)?.y, line < 2 + added ? line : undefined);
      }
    })
  );
});

test('an empty text opens nothing, and a sheet without further lines stays as it is', () => {
  assert.deepEqual(withFurtherLines(sheet, { 'line.1': '' }), sheet);
  assert.deepEqual(withFurtherLines(plain, { 'line.1': '7' }), plain);
});
