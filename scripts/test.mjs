/* `npm test`: everything a fresh machine needs, then lint, types, unit tests and the real interface. */
import { bin, build, findChromium, install, run } from './setup.mjs';

install();
run('npm', ['run', '-s', 'lint']);
run('npm', ['run', '-s', 'check']);
run('npm', ['run', '-s', 'unit']);
build();
run(bin('playwright'), ['test'], { CHROMIUM: findChromium() });
