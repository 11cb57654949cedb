import type { CellReply, SentCell } from './cell-grid.svelte';

/** Sends the numbers of a grid to a route; undefined where nobody answers or they are refused together. */
export async function sendCells(
  url: string,
  cells: readonly SentCell[]
): Promise<readonly CellReply[] | undefined> {
  try {
    const reply = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ cells })
    });
    return reply.ok ? ((await reply.json()) as { cells: CellReply[] }).cells : undefined;
  } catch {
    return undefined;
  }
}
