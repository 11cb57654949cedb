/* `npm run restore -- FILE`: puts a backup in the place of the database. The server must not run. */
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { restore } from '../src/lib/server/backup/maintenance';
import { databaseFile, holdDatabase } from '../src/lib/server/database/base/connection';

const [file] = process.argv.slice(2);
if (!file || !existsSync(file)) {
  console.error('Name the file of a backup: npm run restore -- data/backups/…tar.gz');
  process.exit(1);
}
if (!holdDatabase()) {
  console.error('The server is running. Stop it first, or restore on its page Records, Backups.');
  process.exit(1);
}
const restored = await restore(resolve(file));
if (restored.ok) {
  const { madeAt, version } = restored.manifest;
  console.log(`${databaseFile()} is as it was at ${madeAt} (version ${version}).`);
  console.log(`What stood there before is in ${restored.before}.`);
} else console.error(restored.problem);
process.exit(restored.ok ? 0 : 1);
