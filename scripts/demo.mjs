/* `npm run demo`: the invented department of Lanternmoor School on a local address. `-- --fresh` makes it anew. */
import { existsSync, renameSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { bin, build, install, root, run, serve, serverEnvironment } from './setup.mjs';

install();
build();
const env = serverEnvironment('data/demo.db');
const database = resolve(root, env.DATABASE);
if (process.argv.includes('--fresh')) {
  for (const end of ['', '-wal', '-shm']) rmSync(`${database}${end}`, { force: true });
}
if (!existsSync(database)) {
  console.log('Filling the demo database ...');
  // Under another name until it is full, so that an interrupted run leaves no half-filled department.
  run(bin('tsx'), ['scripts/seed-demo.ts'], { DATABASE: `${database}.new` });
  renameSync(`${database}.new`, database);
}
console.log(`Zealous Quill with the demo department: http://127.0.0.1:${env.PORT}`);
// Every request on the terminal would bury the address.
serve({ LOG_LEVEL: 'warn', ...env });
