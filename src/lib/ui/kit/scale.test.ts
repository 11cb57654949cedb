import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';

const components = (readdirSync('src', { recursive: true }) as string[])
  .filter((path) => path.endsWith('.svelte'))
  .map((path) => ({ path, text: readFileSync(join('src', path), 'utf8') }));

test('sizes of type and spaces come from the one scale of the tokens', () => {
  const own = components.flatMap(({ path, text }) =>
    [...text.matchAll(/^\s*(?:font-size|padding|margin|gap)[a-z-]*: [^;]*\d(?:rem|px)[^;]*;/gm)]
      .filter(([line]) => !/: (?:-?[0-3]px|0)(?: |;)/.test(line))
      .map(([line]) => `${path}: ${line.trim()}`)
  );
  assert.deepEqual(own, []);
});

test('the standard parts are imported one by one', () => {
  const whole = components.filter(({ text }) => /from 'flowbite-svelte'/.test(text));
  assert.deepEqual(whole, []);
});
