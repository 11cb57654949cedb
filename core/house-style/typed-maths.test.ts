import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { defaultHouseStyle, typedLine, typedRuns } from '.';

const runs = (text: string) => typedRuns(text, defaultHouseStyle);

test('maths stands between dollars; a lone dollar and an escaped one are dollars', () => {
  assert.deepEqual(runs('Work out $3/4 + x^2$.'), [
    { text: 'Work out ', isMaths: false },
    { text: '3/4 + x²', isMaths: true },
    { text: '.', isMaths: false }
  ]);
  const lines = [
    ['$2 * 3 <= x^10$', '2 × 3 ≤ x¹⁰'],
    ['It costs $5.', 'It costs $5.'],
    ['$1/2$ of \\$6 and \\$7', '1/2 of $6 and $7'],
    ['$sqrt 16 - pi$', '√16 − π'],
    ['of 7/8 on 24/11/2026', 'of 7/8 on 24/11/2026'],
    ['a $b$ c $d', 'a b c $d']
  ] as const;
  for (const [typed, line] of lines) assert.equal(typedLine(typed, defaultHouseStyle), line);
});

test('outside maths every character stands as it was typed', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme-ascii' }), (text) => {
      const plain = text.replaceAll('$', '').replaceAll('\\', '');
      assert.equal(
        runs(plain)
          .map((run) => run.text)
          .join(''),
        plain
      );
      const words = runs(text).filter(({ isMaths }) => !isMaths);
      assert.ok(
        words.every((run) => text.includes(run.text) || run.text.includes('$')),
        text
      );
    }),
    { numRuns: 300, seed: 9 }
  );
});
