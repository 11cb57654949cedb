import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle, type HouseStyle } from '@zealous-quill/core/house-style';
import { skillOf, WorkedItem } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { firstSquare, neighbour, nextSquare } from './squares';

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
