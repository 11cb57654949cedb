import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import type { ActionResult, SubmitFunction } from '@sveltejs/kit';
import { Persistent } from './persistent.svelte';
import { Working } from './working.svelte';

/** Presses a form once: what it does until it is answered, and the answering. */
async function pressing(submit: SubmitFunction, more: object = {}) {
  const controller = new AbortController();
  let isCancelled = false;
  const form = { isConnected: true, requestSubmit: mock.fn() };
  const answered = await submit({
    ...{ controller, formElement: form, cancel: () => (isCancelled = true) },
    ...more
  } as never);
  const update = mock.fn(() => Promise.resolve());
  return {
    ...{ form, controller, update },
    isCancelled: () => isCancelled,
    answer: async (result: ActionResult) => {
      await (answered as ((said: object) => unknown) | undefined)?.({ result, update });
    }
  };
}

const done: ActionResult = { type: 'success', status: 200 };

test('a form that is not heard says so and is sent again, until it is heard', async () => {
  mock.timers.enable({ apis: ['setTimeout'] });
  const whenDone = mock.fn();
  const persistent = new Persistent(whenDone);
  const first = await pressing(persistent.submit);
  await first.answer({ type: 'error', error: new Error('away') });
  assert.match(persistent.problem!, /does not answer/);
  assert.equal(first.update.mock.callCount(), 0);
  mock.timers.tick(3000);
  assert.equal(first.form.requestSubmit.mock.callCount(), 1);
  const second = await pressing(persistent.submit);
  await second.answer(done);
  assert.equal(persistent.problem, null);
  assert.deepEqual([whenDone.mock.callCount(), second.update.mock.callCount()], [1, 1]);
  mock.timers.tick(10_000);
  assert.equal(second.form.requestSubmit.mock.callCount(), 0);
  mock.timers.reset();
});

test('what is refused is not sent again; a form that is gone, or given up, neither', async () => {
  mock.timers.enable({ apis: ['setTimeout'] });
  const persistent = new Persistent();
  const refused = await pressing(persistent.submit);
  await refused.answer({ type: 'failure', status: 400 });
  assert.equal(persistent.problem, null);
  const said = { type: 'error', status: 503, error: { message: 'The disk is full.' } } as const;
  const gone = await pressing(persistent.submit);
  await gone.answer(said);
  assert.equal(persistent.problem, 'The disk is full.');
  gone.form.isConnected = false;
  mock.timers.tick(3000);
  assert.equal(gone.form.requestSubmit.mock.callCount(), 0);
  const given = await pressing(persistent.submit);
  await given.answer(said);
  persistent.stop();
  mock.timers.tick(3000);
  assert.deepEqual([given.form.requestSubmit.mock.callCount(), persistent.problem], [0, null]);
  mock.timers.reset();
});

test('work says for how long it goes on once that is worth it; a second press does nothing', async () => {
  mock.timers.enable({ apis: ['setTimeout', 'setInterval', 'Date'] });
  const working = new Working();
  const first = await pressing(working.during);
  assert.deepEqual([working.isBusy, working.seconds], [true, null]);
  mock.timers.tick(299);
  assert.equal(working.seconds, null);
  mock.timers.tick(1);
  assert.equal(working.seconds, 0);
  mock.timers.tick(2700);
  assert.equal(working.seconds, 3);
  const second = await pressing(working.during);
  assert.ok(second.isCancelled() && !first.isCancelled());
  await first.answer({ type: 'failure', status: 422, data: { problem: 'Too few items.' } });
  assert.deepEqual(
    [working.isBusy, working.seconds, working.problem],
    [...[false, null, 'Too few items.']]
  );
  const third = await pressing(working.during);
  assert.equal(working.problem, '');
  working.stop();
  assert.ok(third.controller.signal.aborted);
  assert.equal(working.isBusy, false);
  mock.timers.reset();
});
