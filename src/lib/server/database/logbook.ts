import type { Db } from './connection';
import { logbook } from './schema';

/** Until there are accounts, the one person who uses the application. */
export const COORDINATOR = 'coordinator';

/** Adds a line to the logbook. The subject names records by id, never a pupil. */
export function log(db: Pick<Db, 'insert'>, action: string, subject: string): void {
  db.insert(logbook).values({ who: COORDINATOR, action, subject }).run();
}
