import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The built worker of a name, where there is one above this file; else its source, which is transformed as it is loaded. */
export function workerFile(built: string, source: string): string {
  for (let folder = dirname(fileURLToPath(import.meta.url)); ; folder = dirname(folder)) {
    const file = join(folder, 'workers', built);
    if (existsSync(file)) return file;
    if (folder === dirname(folder)) break;
  }
  return fileURLToPath(new URL(source, import.meta.url));
}
