import { askServer } from '../ask-server';
import type { CellReply, SentCell } from './cell-grid.svelte';

/** Sends the numbers of a grid to a route; undefined where nobody answers or they are refused together. */
export async function sendCells(
  url: string,
  cells: readonly SentCell[]
): Promise<readonly CellReply[] | undefined> {
  const answer = await askServer('cells', url, { json: { cells } });
  return answer.ok ? answer.reply.cells : undefined;
}
