import { change } from '../base/change';
import type { Db, Reader } from '../base/db';
import { retention } from '../base/schema';

/** What the department keeps, and for how long. */
export interface Retention {
  /** Years after the last paper a class sat, after which names are offered for removal. */
  readonly nameYears: number;
  /** Hours from one backup to the next; 0 for none. */
  readonly backupHours: number;
  readonly backupsKept: number;
}

const DEPARTMENT = 1;
const usual: Retention = { nameYears: 3, backupHours: 24, backupsKept: 14 };

export function readRetention(db: Reader): Retention {
  const row = db.select().from(retention).get();
  if (!row) return usual;
  const { nameYears, backupHours, backupsKept } = row;
  return { nameYears, backupHours, backupsKept };
}

/** Changes some of it and leaves the rest as it is. */
export function saveRetention(db: Db, changed: Partial<Retention>): void {
  if (Object.keys(changed).length === 0) return;
  change(db, (tx, log) => {
    tx.insert(retention)
      .values({ id: DEPARTMENT, ...readRetention(tx), ...changed })
      .onConflictDoUpdate({ target: retention.id, set: changed })
      .run();
    log('what is kept was set', 'department');
  });
}
