import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import { ScriptActs } from './script-acts.svelte';

const oona = { id: 7, name: 'Oona Fell' };

/** Acts on a sitting whose server refuses what it is told to, and everything that happened, in its order. */
function acting(refuses = false) {
  const done: unknown[] = [];
  const sitting = { id: 4 };
  const fetched = mock.method(globalThis, 'fetch', (address: string, { body }: RequestInit) => {
    done.push([address, JSON.parse(String(body))]);
    const error = { code: 'sat', message: 'This form is another’s.', details: {} };
    return Promise.resolve(
      refuses ? Response.json({ error }, { status: 422 }) : Response.json({ ok: true })
    );
  });
  const acts = new ScriptActs(
    () => sitting.id,
    () => Promise.resolve(done.push('settled')),
    () => Promise.resolve(void done.push('read anew'))
  );
  return { acts, done, sitting, end: () => fetched.mock.restore() };
}

test('who was absent is said once what is typed is saved, and taken back by undoing', async () => {
  const { acts, done, end } = acting();
  await acts.setAbsent(oona, true);
  assert.deepEqual(done, [
    ...['settled', ['/marking/4/absent', { scriptId: 7, isAbsent: true }], 'read anew']
  ]);
  assert.equal(acts.notice?.text, 'Oona Fell was absent.');
  await acts.notice!.undo!();
  assert.deepEqual(done.at(-2), ['/marking/4/absent', { scriptId: 7, isAbsent: false }]);
  assert.equal(acts.notice, null);
  end();
});

test('a spare gets a name; undoing gives the pupil the script of before, or takes the name off', async () => {
  const { acts, done, end } = acting();
  const own = [{ id: 9, pupilId: 3 }];
  await acts.giveName({ id: 20 }, { id: 3, name: 'Bram Wick' }, own);
  assert.equal(acts.notice?.text, 'This script is Bram Wick’s.');
  await acts.notice!.undo!();
  assert.deepEqual(done.at(-2), ['/marking/4/name', { scriptId: 9, pupilId: 3 }]);
  await acts.giveName({ id: 20 }, { id: 3, name: 'Bram Wick' }, []);
  await acts.notice!.undo!();
  assert.deepEqual(done.at(-2), ['/marking/4/name', { scriptId: 20, pupilId: null }]);
  end();
});

test('a page that has gone to another sitting tells of that one', async () => {
  const { acts, done, sitting, end } = acting();
  sitting.id = 5;
  await acts.setAbsent(oona, true);
  assert.deepEqual(done[1], ['/marking/5/absent', { scriptId: 7, isAbsent: true }]);
  end();
});

test('what is refused is said, and nothing is read anew', async () => {
  const { acts, done, end } = acting(true);
  await acts.setAbsent(oona, true);
  assert.deepEqual(acts.notice, { text: 'This form is another’s.', undo: null });
  assert.ok(!done.includes('read anew'));
  end();
});
