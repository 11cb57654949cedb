/* `npm run backup`: a backup of the database, which may be in use; `-- FOLDER` keeps it elsewhere. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { makeBackup } from '../src/lib/server/archive/archive';
import { backupFolder } from '../src/lib/server/archive/store';
import { databaseFile } from '../src/lib/server/database/base/connection';

const folder = process.argv[2] ?? backupFolder();
if (!existsSync(databaseFile())) {
  console.error(`There is no database at ${databaseFile()}. Name it in DATABASE.`);
  process.exit(1);
}
const name = await makeBackup(databaseFile(), folder, 'by-hand');
console.log(join(folder, name));
