import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';

/** Letters of European names in Latin script: Latin-1, Latin Extended-A and the Romanian letters with a comma below. */
const letters = [
  ...Array.from({ length: 0x17f - 0xc0 + 1 }, (_, at) => 0xc0 + at),
  ...[0x218, 0x219, 0x21a, 0x21b, 0x1e9e]
];
/** The characters for which a style sheet of a font has a file, as a test of one. */
function covered(sheet: string): (character: number) => boolean {
  const css = readFileSync(`node_modules/${sheet}`, 'utf8');
  const ranges = [...css.matchAll(/unicode-range:([^;]+);/g)].flatMap(([, list]) =>
    list!.split(',').map((range) => {
      const [from, to = from] = range.trim().replace('U+', '').split('-');
      return [parseInt(from!, 16), parseInt(to!, 16)] as const;
    })
  );
  return (character) => ranges.some(([from, to]) => character >= from && character <= to);
}

test('every letter of a name is in the fonts of the screen that names are set in', () => {
  const sheets = [
    ...readFileSync('src/app.css', 'utf8').matchAll(/@import '(@fontsource\/[^']+)'/g)
  ];
  assert.ok(sheets.length > 4, 'the fonts are found');
  for (const [, sheet] of sheets) {
    const has = covered(sheet!);
    const missing = letters.filter((letter) => !has(letter));
    assert.deepEqual(
      missing.map((letter) => String.fromCodePoint(letter)),
      [],
      sheet
    );
  }
});
