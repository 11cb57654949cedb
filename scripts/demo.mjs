/* `npm run demo`: the invented department of Lanternmoor School on a local address. `-- --fresh` makes it anew. */
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { bin, build, install, root, run, serverEnvironment } from './setup.mjs';

install();
build();
const env = serverEnvironment('data/demo.db');
const database = join(root, env.DATABASE);
if (process.argv.includes('--fresh')) {
  for (const end of ['', '-wal', '-shm'])
    rmSync(`${env.DATABASE.startsWith('/') ? env.DATABASE : database}${end}`, { force: true });
}
if (!existsSync(env.DATABASE.startsWith('/') ? env.DATABASE : database)) {
  console.log('Filling the demo database ...');
  run(bin('tsx'), ['scripts/seed-demo.ts'], env);
}
console.log(`Zealous Quill with the demo department: http://127.0.0.1:${env.PORT}`);
run('node', ['build'], env);
