import { rmSync, writeFileSync } from 'node:fs';
import { freeRoom } from './free-room';
import { db } from './connection';
import { type Db } from './db';
import { storageProblem, type StorageProblem } from './storage-problem';

export type Health = 'ready' | StorageProblem['code'] | 'unavailable';

/** Bytes that must be free, or soon nothing can be saved. */
const ROOM = 20 * 1024 * 1024;
const PROBE = Buffer.alloc(64 * 1024);

/** Whether something could be saved now; nothing is. It is found out anew each time: a disk that had no room may have it. */
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
    return client.memory ? 'ready' : roomBeside(client.name);
  } catch (error) {
    return storageProblem(error)?.code ?? 'unavailable';
  }
}

/** Whether something could be written beside a database just now: it is tried, as what is free says nothing of limits. */
function roomBeside(file: string): Health {
  if (freeRoom(file) <= ROOM) return 'full';
  const probe = `${file}-probe`;
  try {
    writeFileSync(probe, PROBE, { mode: 0o600 });
    return 'ready';
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    return code === 'ENOSPC' || code === 'EDQUOT' || code === 'EFBIG' ? 'full' : 'unwritable';
  } finally {
    rmSync(probe, { force: true });
  }
}
