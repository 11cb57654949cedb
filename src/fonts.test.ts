import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';

/** Letters of European names in Latin script: Latin-1, Latin Extended-A and the Romanian letters with a comma below. */
const letters = [
  ...Array.from({ length: 0x17f - 0xc0 + 1 }, (_, at) => 0xc0 + at),
  ...[0x218, 0x219, 0x21a, 0x21b, 0x1e9e]
];

/** What stands behind a property of a rule. */
const valueOf = (rule: string, property: string) =>
  new RegExp(`${property}:\\s*([^;]+);`).exec(rule)![1]!.trim();

/** The ranges of characters for which each face has a file. */
function faces(): Map<string, (readonly [number, number])[]> {
  const rules = readFileSync('src/fonts.css', 'utf8').match(/@font-face \{[^}]+\}/g) ?? [];
  const found = new Map<string, (readonly [number, number])[]>();
  for (const rule of rules) {
    const face = ['font-family', 'font-weight', 'font-style']
      .map((one) => valueOf(rule, one))
      .join(' ');
    const ranges = valueOf(rule, 'unicode-range')
      .split(',')
      .map((range) => {
        const [from, to = from] = range.trim().replace('U+', '').split('-');
        return [parseInt(from!, 16), parseInt(to!, 16)] as const;
      });
    found.set(face, [...(found.get(face) ?? []), ...ranges]);
  }
  return found;
}

test('every letter of a name is in the faces of the screen', () => {
  const all = faces();
  assert.equal(all.size, 7);
  for (const [face, ranges] of all) {
    const missing = letters.filter(
      (letter) => !ranges.some(([from, to]) => letter >= from && letter <= to)
    );
    assert.deepEqual(
      missing.map((letter) => String.fromCodePoint(letter)),
      [],
      face
    );
  }
});
