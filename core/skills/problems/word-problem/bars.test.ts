import assert from 'node:assert/strict';
import { test } from 'node:test';
import { drawModel, readModel, withoutNumbers, type BarModel, type Drawing } from '../../../bars';
import { defaultHouseStyle } from '../../../house-style';
import { modelOf } from './bars';
import { manyProblems } from './sample.test-helper';

const problems = manyProblems(2000, 31);
const near = (one: number, other: number) => Math.abs(one - other) < 1e-6;

test('2,000 models: boxes side by side, equal quantities equally long, nothing beyond the width', () => {
  for (const problem of problems) {
    for (const shown of ['gaps', 'solved'] as const) {
      const { rows } = modelOf(problem, defaultHouseStyle, shown);
      const lengths = new Map<string, number>();
      for (const { boxes, braces } of rows) {
        assert.ok(boxes.length > 0 && near(boxes[0]!.from, 0));
        for (const [at, { from, to, quantity }] of boxes.entries()) {
          assert.ok(to > from && to <= 100 + 1e-6, problem.plot.key);
          if (at > 0) assert.ok(near(from, boxes[at - 1]!.to), problem.plot.key);
          if (quantity === undefined) continue;
          const known = lengths.get(quantity);
          assert.ok(
            known === undefined || near(known, to - from),
            `${problem.plot.key} ${quantity}`
          );
          lengths.set(quantity, to - from);
        }
        for (const { from, to } of braces) {
          assert.ok(boxes.some((box) => near(box.from, from)));
          assert.ok(boxes.some((box) => near(box.to, to)));
        }
      }
      assert.ok(rows.some(({ boxes }) => near(boxes.at(-1)!.to, 100)));
    }
  }
});

/** Whether two texts of a drawing lie over each other. */
function overlaps({ texts }: Drawing, size: number): boolean {
  return texts.some((one, at) =>
    texts
      .slice(at + 1)
      .some(
        (other) =>
          Math.abs(one.x - other.x) < (one.width + other.width) / 2 - 0.01 &&
          Math.abs(one.y - other.y) < size * 0.95
      )
  );
}

function check(model: BarModel, width: number, size: number, name: string): void {
  const drawing = drawModel(model, { width, size });
  assert.ok(!overlaps(drawing, size), `${name} at ${width}`);
  for (const { x, y, width: own } of drawing.texts) {
    assert.ok(x - own / 2 >= -0.01 && x + own / 2 <= width + 0.01, `${name} at ${width}`);
    assert.ok(y - size / 2 >= -0.01 && y + size / 2 <= drawing.height + 0.01, name);
  }
  for (const one of drawing.boxes) {
    assert.ok(one.x >= 0 && one.x + one.width <= width + 0.01, name);
    for (const { row, kind, x, y, width: own } of drawing.texts) {
      const isOver =
        Math.abs(x - one.x - one.width / 2) < (own + one.width) / 2 - 0.01 &&
        y > one.y &&
        y < one.y + one.height;
      const isInside = x - own / 2 >= one.x - 0.01 && x + own / 2 <= one.x + one.width + 0.01;
      assert.ok(!isOver || (kind === 'box' && row === one.row && isInside), `${name} at ${width}`);
    }
  }
}

test('drawn on a phone, on a screen and on paper, no text lies over another, over a line or the edge', () => {
  for (const problem of problems) {
    const models = [
      modelOf(problem, defaultHouseStyle),
      modelOf(problem, defaultHouseStyle, 'solved'),
      withoutNumbers(modelOf(problem, defaultHouseStyle))
    ];
    for (const model of models) {
      // A phone of 390 pixels, the sheet and the middle of a window of 1280; a page of A4 in points.
      for (const [width, size] of [
        [330, 15],
        [360, 15],
        [760, 15],
        [470, 10]
      ] as const) {
        check(model, width, size, problem.plot.key);
      }
    }
  }
});

test('a model is read aloud row by row; what is not known is said to be so', () => {
  const model: BarModel = {
    rows: [
      { label: 'Ada', boxes: [{ from: 0, to: 60, says: '12 eggs' }], braces: [] },
      {
        label: '',
        boxes: [
          { from: 0, to: 25, says: '3 kg' },
          { from: 25, to: 50, says: '' },
          { from: 50, to: 75, says: '' },
          { from: 75, to: 100, says: '?' }
        ],
        braces: [{ from: 0, to: 100, says: '10 kg' }]
      }
    ],
    total: { rows: [0, 1], says: '?' }
  };
  assert.deepEqual(readModel(model), [
    'Ada: 12 eggs.',
    'Row 2: 3 equal boxes, each 3 kg, then not known; together 10 kg.',
    'All rows together: not known.'
  ]);
  for (const problem of problems.slice(0, 300)) {
    for (const sentence of readModel(modelOf(problem, defaultHouseStyle))) {
      assert.match(sentence, /^[\p{L}\d?£].*: .+\.$/u);
      assert.doesNotMatch(sentence, /[…]|undefined/);
    }
  }
});
