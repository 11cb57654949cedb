import { cards } from '@zealous-quill/core/catalogue';
import { execFileSync } from 'node:child_process';
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { OwnServer } from '../test/own-server';
import { firstLoad } from './first-load';

const PATTERN = 'short-multiplication';

/** What pages load at once in a copy of the application that has forty skills, most of them one skill again. */
export async function fortySkills(
  database: string,
  pages: readonly string[]
): Promise<Map<string, string>> {
  const copy = mkdtempSync(join(tmpdir(), 'zealous-quill-forty-'));
  try {
    copySources(copy);
    for (let at = cards.length; at < 40; at++) addSkill(copy, at);
    execFileSync('node_modules/.bin/vite', ['build', '--logLevel', 'error'], { cwd: copy });
    const server = await OwnServer.start({ database, cwd: copy });
    try {
      return await firstLoad(server.url, pages);
    } finally {
      await server.kill();
    }
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
}

function copySources(copy: string): void {
  const files = execFileSync('git', ['ls-files'], { encoding: 'utf8' }).trim().split('\n');
  for (const file of files) {
    mkdirSync(dirname(join(copy, file)), { recursive: true });
    cpSync(file, join(copy, file));
  }
  // All packages are shared, but for the core, which is the copy's own.
  mkdirSync(join(copy, 'node_modules/@zealous-quill'), { recursive: true });
  for (const name of readdirSync('node_modules')) {
    if (name === '@zealous-quill' || name === '.vite') continue;
    symlinkSync(join(process.cwd(), 'node_modules', name), join(copy, 'node_modules', name));
  }
  symlinkSync(join(copy, 'core'), join(copy, 'node_modules/@zealous-quill/core'));
}

/** A folder and a line in the catalogue, as for any skill. */
function addSkill(copy: string, at: number): void {
  const skills = join(copy, 'core/skills');
  const folder = `written/skill-${at}`;
  cpSync(join(skills, 'written', PATTERN), join(skills, folder), { recursive: true });
  const card = join(skills, folder, 'card.ts');
  const own = readFileSync(card, 'utf8')
    .replace(PATTERN, `skill-${at}`)
    .replace('Short multiplication', `Skill number ${at}`);
  writeFileSync(card, own);
  const registry = join(copy, 'core/catalogue/registry.ts');
  const lines = readFileSync(registry, 'utf8')
    .replace(
      '\ntype Load',
      `\nimport { card as skill${at} } from '../skills/${folder}/card';\n\ntype Load`
    )
    .replace('\n];', `,\n  [skill${at}, () => import('../skills/${folder}')]\n];`);
  writeFileSync(registry, lines);
}
