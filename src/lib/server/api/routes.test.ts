import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { test } from 'node:test';
import { replies } from '$lib/contract/replies';

const rows = [
  ...readFileSync('docs/routes.md', 'utf8').matchAll(/^\| `(\/[^`]*)` *\|.*\| *(.*?) *\|$/gm)
];

/** The addresses under src/routes that have one of these files. */
function addressesWith(...files: readonly string[]): string[] {
  const all = readdirSync('src/routes', { recursive: true, encoding: 'utf8' });
  const found = all.filter((file) => files.some((name) => `/${file}`.endsWith(`/${name}`)));
  return [...new Set(found.map((file) => `/${dirname(file)}`.replace('/.', '/')))].toSorted();
}

test('the table of routes has every address, once, and no other', () => {
  const told = rows.map(([, address]) => address!);
  assert.deepEqual(told.toSorted(), addressesWith('+page.svelte', '+page.server.ts', '+server.ts'));
});

test('the forms of a page stand beside it, and what a route replies is of the contract', () => {
  for (const [, address, asked] of rows) {
    const words = [...asked!.matchAll(/`(\w+)`/g)].map(([, word]) => word!);
    const own = (file: string) => {
      try {
        return readFileSync(`src/routes${address}/${file}`, 'utf8');
      } catch {
        return '';
      }
    };
    const [page, route] = [own('+page.server.ts'), own('+server.ts')];
    for (const word of words.filter((one) => !(one in replies))) {
      assert.match(page, new RegExp(`^  (async )?${word}[:(]`, 'm'), `${address} ${word}`);
    }
    for (const [, name] of route.matchAll(/Reply<'(\w+)'>/g)) {
      assert.ok(words.includes(name!), `${address} replies ${name}`);
    }
    const actions = page.split('export const actions')[1] ?? '';
    for (const [, name] of actions.matchAll(/^ {2}(?:async )?(\w+)(?:: (?:async )?\(|\()/gm)) {
      assert.ok(words.includes(name!), `${address} ${name}`);
    }
  }
});
