import { db } from './connection';

/** Whether the database answers. */
export function isDatabaseReady(): boolean {
  try {
    db().$client.prepare('select 1').get();
    return true;
  } catch {
    return false;
  }
}
