import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Context, ContextTrial } from '@zealous-quill/core/catalogue';
import { Clock, settled } from '../draft.test-helper';
import { ContextTrials, EXAMPLES_PAUSE } from './context-trial.svelte';
import { startContext } from './context-edits';

const named = (title: string): Context => ({ ...startContext(title), id: 'fair', version: 1 });

function trialsOn(clock: Clock) {
  const asked: { title: string; answer: (trial: ContextTrial) => void }[] = [];
  const teller = {
    tryContext: ({ title }: Context) =>
      new Promise<ContextTrial>((answer) => asked.push({ title, answer }))
  };
  return { asked, trials: new ContextTrials(teller, clock) };
}

const told = (count: string): ContextTrial => ({ problems: [], count, examples: [] });

test('examples are told once typing pauses, of the newest context, however late an older one is answered', async () => {
  const clock = new Clock();
  const { asked, trials } = trialsOn(clock);
  trials.ask(named('a'), 1);
  trials.ask(named('ab'), 1);
  await clock.pass(EXAMPLES_PAUSE);
  trials.ask(named('abc'), 1);
  await clock.pass(EXAMPLES_PAUSE);
  assert.deepEqual(
    asked.map(({ title }) => title),
    ['ab', 'abc']
  );
  asked[1]!.answer(told('2'));
  asked[0]!.answer(told('1'));
  await settled();
  assert.deepEqual([trials.last?.count, trials.isBusy], ['2', false]);
});

test('a problem is found by its field, and a hint hinders nothing', async () => {
  const clock = new Clock();
  const { asked, trials } = trialsOn(clock);
  trials.ask(named('a'), 1);
  await clock.pass(EXAMPLES_PAUSE);
  const hint = { field: 'title', says: 'Short.', isHint: true };
  asked[0]!.answer({ ...told('1'), problems: [hint] });
  await settled();
  assert.deepEqual([trials.problemsAt('title'), trials.problemsAt('actors')], [[hint], []]);
  assert.equal(trials.hindered, false);
});

test('who has left the page is told nothing', async () => {
  const clock = new Clock();
  const { asked, trials } = trialsOn(clock);
  trials.ask(named('a'), 1);
  await clock.pass(EXAMPLES_PAUSE);
  trials.end();
  asked[0]!.answer(told('1'));
  await settled();
  assert.equal(trials.last, null);
});
