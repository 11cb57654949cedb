/** Writes the list of what items are worth and how long they take, for `docs/`. */
import { writeFileSync } from 'node:fs';
import { schemePage, schemeRows } from '../../core/exams/scheme-list.test-helper';

writeFileSync(new URL('../../docs/schemes.md', import.meta.url), schemePage(schemeRows()));
