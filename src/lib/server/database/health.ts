import { statfsSync } from 'node:fs';
import { db, type Db } from './connection';
import { storageProblem, type StorageProblem } from './storage-problem';

export type Health = 'ready' | StorageProblem['code'] | 'unavailable';

/** Bytes that must be free, or soon nothing can be saved. */
const ROOM = 20 * 1024 * 1024;

/** Whether something could be saved now; nothing is. */
export function databaseHealth(own: () => Db = db): Health {
  try {
    const client = own().$client;
    const patience = client.pragma('busy_timeout', { simple: true });
    try {
      // To be told at once, not after the patience that a save has.
      client.pragma('busy_timeout = 0');
      client.exec('begin immediate; rollback');
    } finally {
      client.pragma(`busy_timeout = ${Number(patience)}`);
    }
    return client.memory || hasRoom(client.name) ? 'ready' : 'full';
  } catch (error) {
    return storageProblem(error)?.code ?? 'unavailable';
  }
}

function hasRoom(file: string): boolean {
  const { bavail, bsize } = statfsSync(file);
  return bavail * bsize > ROOM;
}
