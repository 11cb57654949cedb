import { askServer } from '../ask-server';

/** Says something of a whole script of a sitting; the answer is empty, or why it could not be done. */
export async function tellScript(
  sittingId: number,
  what: 'absent' | 'name',
  said: object
): Promise<string> {
  const answer = await askServer('done', `/marking/${sittingId}/${what}`, { json: said });
  return answer.ok ? '' : answer.message;
}
