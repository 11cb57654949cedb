/* `npm run bench`: the figures that the design promises, as a table. A benchmark, not a test. */
import { bin, build, commit, install, run } from './setup.mjs';

install();
build();
console.log(`\nZealous Quill, commit ${commit()}, Node.js ${process.version}\n`);
run(bin('vite'), ['build', '--config', 'scripts/bench/vite.config.ts', '--logLevel', 'error']);
run('node', ['build/bench/core.js']);
run(bin('tsx'), ['scripts/bench/diagnosis.ts']);
run(bin('tsx'), ['scripts/bench/outside.ts']);
run(bin('tsx'), ['scripts/bench/server.ts']);
run(bin('tsx'), ['scripts/bench/people.ts']);
run(bin('tsx'), ['scripts/bench/lines.ts']);
