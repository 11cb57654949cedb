import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Reply } from '$lib/contract/replies';
import { OutlookState } from './outlook.svelte';

type Outlook = Reply<'outlook'>;

const move = (after: number) => ({
  ...{ scriptId: 1, name: 'Oona Fell', className: '8 Lamp' },
  ...{ total: { before: 30, after }, grade: { before: 'Lamp', after: '' } }
});

const outlook: Outlook = {
  available: { before: 40, after: 38 },
  boundaries: [{ grade: 'Lamp', from: 30 }],
  shared: [{ grade: 'Lamp', from: 29 }],
  choices: [
    { again: false, shares: false, moves: [move(28)] },
    { again: false, shares: true, moves: [] },
    { again: true, shares: false, moves: [move(29)] },
    { again: true, shares: true, moves: [] }
  ]
};

const answering = (reply: Outlook) => () => Promise.resolve(Response.json(reply));

test('who moves depends on what is done along', async () => {
  const state = new OutlookState(answering(outlook));
  await state.ask('/x', { part: 1 });
  assert.deepEqual([state.moves.length, state.hasShares, state.differsAgain], [1, true, true]);
  state.along = { again: false, shares: true };
  assert.deepEqual([state.moves.length, state.differsAgain], [0, false]);
});

test('shares are not offered, nor chosen any more, where the total stays', async () => {
  let reply = outlook;
  const state = new OutlookState(() => answering(reply)());
  await state.ask('/x', {});
  state.along = { again: false, shares: true };
  reply = { ...outlook, available: { before: 40, after: 40 } };
  await state.ask('/x', {});
  assert.deepEqual([state.hasShares, state.along.shares], [false, false]);
});

test('an answer that comes after a later question is let go', async () => {
  const open: ((reply: Response) => void)[] = [];
  const state = new OutlookState(() => new Promise((resolve) => open.push(resolve)));
  const first = state.ask('/x', { part: 1 });
  const second = state.ask('/x', { part: 2 });
  open[1]!(Response.json({ ...outlook, available: { before: 40, after: 39 } }));
  open[0]!(Response.json(outlook));
  await Promise.all([first, second]);
  assert.equal(state.outlook?.available.after, 39);
});
