import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle, type HouseStyle } from '@zealous-quill/core/house-style';
import type { Layout } from '@zealous-quill/core/working';
import { skillOf, WorkedItem } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { figureSize, firstSquare, inHandOrder, neighbour, nextSquare } from './squares';

const directions = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1]
] as const;

function sheets() {
  return skills.flatMap((skill) =>
    Object.keys(skill.schools).flatMap((school) =>
      (['above', 'below', 'beside'] as const).map((carryPosition) => {
        const style: HouseStyle = { ...defaultHouseStyle, carryPosition };
        const item = new WorkedItem(skill, skill.given.parse(skill.example), school);
        return { graph: item.graph, layout: item.layout(style) };
      })
    )
  );
}

test('arrows reach every square from the first, without the mouse', () => {
  for (const { graph, layout } of sheets()) {
    const reached = new Set([firstSquare(graph, layout)!]);
    for (const step of reached) {
      for (const [dx, dy] of directions) {
        const next = neighbour(layout, step, dx, dy);
        if (next) reached.add(next);
      }
    }
    const all = layout.cells.flatMap((cell) => (cell.type === 'step' ? [cell.step] : []));
    assert.deepEqual([...reached].sort(), all.sort());
  }
});

test('typing moves through the digits in the order of the hand, and ends', () => {
  const skill = skillOf('column-addition');
  const { graph, ...item } = new WorkedItem(skill, skill.given.parse('487 + 365'), 'columns');
  const layout = skill.sheet(item.given, 'columns', defaultHouseStyle);
  const path = [firstSquare(graph, layout)];
  for (let next = path[0]; next; next = nextSquare(graph, layout, next))
    if (next !== path[0]) path.push(next);
  assert.deepEqual(path, ['digit.0', 'digit.1', 'digit.2', 'digit.3']);
  assert.equal(neighbour(layout, 'digit.1', 0, -1), 'carry.1');
});

test('squares are walked in the order of the working, all of them and each once', () => {
  for (const { graph, layout } of sheets()) {
    const steps = (of: Layout) =>
      of.cells.flatMap((cell) => (cell.type === 'step' ? [cell.step] : []));
    const walked = steps(inHandOrder(graph, layout));
    const places = walked.map((step) => graph.steps.findIndex(({ id }) => id === step));
    assert.deepEqual(
      places,
      [...places].sort((one, other) => one - other)
    );
    assert.deepEqual([...walked].sort(), steps(layout).sort());
    // What is worked out of other squares comes after them.
    for (const [at, step] of walked.entries()) {
      const { uses } = graph.byId.get(step)!;
      assert.ok(
        uses.every((used) => !walked.includes(used) || walked.indexOf(used) < at),
        `${step} after ${uses.join()}`
      );
    }
  }
});

test('figures fit into their square, however many they are, and are as large as they can be', () => {
  for (const width of [undefined, 1, 2, 4, 8]) {
    for (let length = 0; length <= 80; length++) {
      const height = figureSize(length, { width, size: 1 });
      assert.ok(length * height * 0.62 <= (width ?? 1), `${length} in ${width ?? 1}`);
      assert.ok(height <= figureSize(Math.max(0, length - 1), { width, size: 1 }), 'no larger');
    }
  }
  assert.equal(figureSize(1, { size: 1 }), 0.8);
});
