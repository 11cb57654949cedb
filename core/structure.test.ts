import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { test } from 'node:test';

const root = import.meta.dirname;

/** Files of the core by what they import of it, tests apart; types count as well. */
const imports = new Map(
  readdirSync(root, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.includes('.test'))
    .map((file) => [file, importsOf(file)] as const)
);

function importsOf(file: string): string[] {
  const text = readFileSync(join(root, file), 'utf8');
  const paths = [...text.matchAll(/(?:from|import)\s*\(?'(\.[^']*)'/g)].map(([, to]) => to!);
  // A table that is read leads nowhere.
  return paths
    .filter((to) => !to.endsWith('.json'))
    .map((to) => {
      const path = join(dirname(join(root, file)), to);
      const found = [`${path}.ts`, join(path, 'index.ts')].find(existsSync);
      assert.ok(found, `${file} imports ${to}, which is not there`);
      return relative(root, found);
    });
}

test('no file of the core leads back to itself', () => {
  const done = new Set<string>();
  const circles: string[] = [];
  const walk = (file: string, path: readonly string[]) => {
    if (path.includes(file)) circles.push([...path.slice(path.indexOf(file)), file].join(' > '));
    if (done.has(file)) return;
    done.add(file);
    for (const next of imports.get(file)!) walk(next, [...path, file]);
  };
  for (const file of imports.keys()) walk(file, []);
  assert.deepEqual(circles, []);
});

test('no skill refers to another, and nothing but the catalogue refers to a skill', () => {
  const folderOf = (file: string) =>
    /^skills\/(?:written|decimals|fractions|mental|algebra)\/[^/]+/.exec(file)?.[0];
  for (const [file, all] of imports) {
    if (file.startsWith('catalogue/')) continue;
    for (const folder of all.map(folderOf).filter((folder) => folder !== undefined)) {
      assert.equal(folder, folderOf(file), `${file} imports from ${folder}`);
    }
  }
});
