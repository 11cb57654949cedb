import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ownTurn } from './own-turn';

test('those who ask together have a turn each, in their order, and what is due comes in between', async () => {
  const order: string[] = [];
  const asked = ['first', 'second', 'third'].map(async (name) => {
    await ownTurn();
    order.push(name);
    setImmediate(() => order.push(`due after ${name}`));
  });
  await Promise.all(asked);
  await new Promise(setImmediate);
  assert.deepEqual(
    order,
    ['first', 'second', 'third'].flatMap((name) => [name, `due after ${name}`])
  );
});
