import { run } from '../jobs/pool';
import { type Undone } from '../jobs/undone';
import type { ItemsAsked } from '../jobs/tasks';
import { undoneWords } from '../jobs/words';
import { fail } from '../http/reply';

/** The answer to a request for items that was not done: it asks for too much, and without which control it does not; or the machine is at fault. */
export async function undone(error: Undone, asked: ItemsAsked): Promise<Response> {
  if (error.code !== 'too-hard') return machineUndone(error);
  const light = await run('lighter', { skill: asked.skill, controls: asked.controls });
  if (!light.ok) return machineUndone(light.error);
  const advice = light.result.length > 0 ? 'Leave out a control.' : 'Ask for fewer items.';
  return fail(422, 'too-hard', `This takes too much work. ${advice}`, { leaveOut: light.result });
}

/** The answer to what this machine could not do just now. */
export function machineUndone({ code }: Undone): Response {
  return fail(503, code, undoneWords[code]);
}
