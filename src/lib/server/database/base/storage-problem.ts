import { sqliteCode } from './connection';

/** Why nothing can be kept just now, and what is said of it. */
export interface StorageProblem {
  readonly code: 'locked' | 'full' | 'unwritable' | 'damaged';
  readonly message: string;
}

const messages: Readonly<Record<StorageProblem['code'], string>> = {
  locked: 'Another program holds the database. What you typed is here; it is tried again.',
  full: 'The disk of the server is full. What you typed is here; it is saved once there is room.',
  unwritable: 'The server cannot write its database. What you typed is here; tell who runs it.',
  damaged: 'The database is damaged. Restore a backup: see Records.'
};

/** What an error of the database means to whoever wanted to save; undefined for one that is none of the disk's. */
export function storageProblem(error: unknown): StorageProblem | undefined {
  const code = kindOf(sqliteCode(error));
  return code && { code, message: messages[code] };
}

function kindOf(code: string): StorageProblem['code'] | undefined {
  if (/^SQLITE_(BUSY|LOCKED)/.test(code)) return 'locked';
  if (code === 'SQLITE_FULL') return 'full';
  if (/^SQLITE_(READONLY|IOERR|CANTOPEN|PERM)/.test(code)) return 'unwritable';
  return /^SQLITE_(CORRUPT|NOTADB)/.test(code) ? 'damaged' : undefined;
}
