import { run, type Undone } from '../jobs/pool';
import type { ItemsAsked } from '../jobs/tasks';
import { fail } from './reply';

/** Milliseconds that are spent on finding out which control makes a request too hard, and on waiting for a new thread. */
const TRIED = 1000;
const PATIENCE = 3000;

/** The answer to a request that was not done: it was too hard, and without which control it is not; or too many wait. */
export async function undone(error: Undone, asked: ItemsAsked): Promise<Response> {
  if (error.code === 'busy') {
    return fail(503, 'busy', 'Too many requests are waiting. Ask again in a moment.');
  }
  return fail(422, 'too-hard', 'This takes too long to work out. Leave out a control.', {
    leaveOut: await heavyControls(asked)
  });
}

/** The controls without any one of which the items can be counted soon; all of them if that was not found out. */
async function heavyControls(asked: ItemsAsked): Promise<string[]> {
  const found: string[] = [];
  await run('lighter', asked, {
    ...{ limit: TRIED, patience: PATIENCE },
    heard: (name) => found.push(name)
  });
  return found.length > 0 ? found : Object.keys(asked.controls);
}
