import { cards } from '@zealous-quill/core/catalogue';
import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { printTable } from './table';

const PARTS = ['card', 'index', 'numbers', 'features', 'space', 'working', 'errors'];

/** Lines of each skill's folder by what they are for; what has another name counts as other. */
const rows = cards.map(({ id, family }) => {
  const counts = new Map<string, number>();
  const folder = join('core/skills', family, id);
  for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    if (!file.endsWith('.ts')) continue;
    const name = basename(file, '.ts');
    const part = /\.test/.test(file) ? 'tests' : PARTS.includes(name) ? name : 'other';
    const lines = readFileSync(join(folder, file), 'utf8').split('\n').length - 1;
    counts.set(part, (counts.get(part) ?? 0) + lines);
  }
  const own = [...PARTS, 'other'].map((part) => counts.get(part) ?? 0);
  const all = own.reduce((sum, count) => sum + count, 0);
  return [id, ...own.map(String), String(all), String(counts.get('tests') ?? 0)];
});
printTable('Lines of each skill', [['skill', ...PARTS, 'other', 'together', 'tests'], ...rows]);
