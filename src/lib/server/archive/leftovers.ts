import { mkdirSync, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { backupFolder } from './store';

/** Rooms in which backups are made, restored or received; each is named for the process that works in it. */
export type RoomKind = 'making' | 'restoring' | 'sent';

const ROOM = /^\.(making|restoring|sent)-(?:(\d+)-)?/;

/** Milliseconds after which a room is left over though a process of its number runs: it is another one. */
const DAY = 86_400_000;

/** An empty room in the folder of backups; who made it removes it. */
export function makeRoom(kind: RoomKind, folder = backupFolder()): string {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  return mkdtempSync(join(folder, `.${kind}-${process.pid}-`));
}

/**
 * Removes the rooms of processes that do not run any more: a killed backup or restore leaves a copy of the database. At
 * the start those of this process's number are of an earlier one.
 */
export function clearLeftovers({
  folder = backupFolder(),
  isStart = false
}: { folder?: string; isStart?: boolean } = {}): void {
  for (const name of namesIn(folder)) {
    const [match, , pid] = ROOM.exec(name) ?? [];
    if (match === undefined) continue;
    const isOwn = Number(pid) === process.pid;
    const isAtWork = isOwn ? !isStart : pid !== undefined && runs(Number(pid));
    const age =
      Date.now() - (statSync(join(folder, name), { throwIfNoEntry: false })?.mtimeMs ?? 0);
    if (!isAtWork || (!isOwn && age > DAY))
      rmSync(join(folder, name), { recursive: true, force: true });
  }
}

function namesIn(folder: string): string[] {
  try {
    return readdirSync(folder);
  } catch {
    return [];
  }
}

/** Whether a process of that number runs. */
function runs(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}
