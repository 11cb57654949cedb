import { run, type Undone } from '../jobs/pool';
import type { ItemsAsked } from '../jobs/tasks';
import { fail } from './reply';

/** How long it may take to find out which control makes a request too hard, for each that is tried, in milliseconds. */
const TRIED = 500;
const MOST_TRIED = 3;

/** The answer to a request that was not done: it was too hard, and without which control it is not; or too many wait. */
export async function undone(error: Undone, { skill, controls }: ItemsAsked): Promise<Response> {
  if (error.code === 'busy') {
    return fail(503, 'busy', 'Too many requests are waiting. Ask again in a moment.');
  }
  return fail(422, 'too-hard', 'This takes too long to work out. Leave out a control.', {
    leaveOut: await heavyControls(skill, controls)
  });
}

/** The controls without any one of which the items can be counted soon; all of them if that was not found out. */
async function heavyControls(skill: string, controls: ItemsAsked['controls']): Promise<string[]> {
  const names = Object.keys(controls);
  const heavy: string[] = [];
  // The last named are mostly those that tell most items apart.
  for (const name of [...names].reverse().slice(0, MOST_TRIED)) {
    const others = Object.fromEntries(Object.entries(controls).filter(([one]) => one !== name));
    if ((await run('count', { skill, controls: others }, { limit: TRIED })).ok) heavy.push(name);
  }
  return heavy.length > 0 ? heavy : names;
}
