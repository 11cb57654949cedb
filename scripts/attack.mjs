/* `npm run attack`: see scripts/attack/main.ts. */
import { bin, build, install, run } from './setup.mjs';

install();
build();
run(bin('tsx'), ['--conditions=browser', 'scripts/attack/main.ts']);
