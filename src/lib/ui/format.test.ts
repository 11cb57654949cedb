import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import fc from 'fast-check';
import { day, difficultyShare, difficultyWord, duration, fileSize, logit, plural } from './format';
import { groupBy } from './group-by';

test('durations say minutes from sixty seconds on, and no seconds where there are none', () => {
  assert.deepEqual([0, 59, 60, 61, 120, 3599].map(duration), [
    ...['0 s', '59 s', '1 min', '1 min 1 s', '2 min', '59 min 59 s']
  ]);
});

test('one is one and all other numbers are several', () => {
  assert.deepEqual(
    [0, 1, 2].map((count) => plural(count, 'part')),
    ['0 parts', '1 part', '2 parts']
  );
  assert.equal(plural(3, 'class', 'classes'), '3 classes');
});

test('a difficulty has its sign, but none where it rounds to nothing, and the house’s mark', () => {
  const style = defaultHouseStyle;
  assert.deepEqual(
    [-0.74, 0.04, -0.04, 0, 1.25, -4].map((value) => logit(value, style)),
    [...['−0.7', '0.0', '0.0', '0.0', '+1.3', '−4.0']]
  );
  assert.equal(logit(-0.7, { ...style, decimalMark: 'comma' }), '−0,7');
});

test('a difficulty is easy below −1 and hard above +1', () => {
  assert.deepEqual([-1.01, -1, 0, 1, 1.01].map(difficultyWord), [
    ...['easy', 'middling', 'middling', 'middling', 'hard']
  ]);
});

test('days and sizes of files are told as a colleague would', () => {
  assert.equal(day('2026-11-25'), '25 Nov 2026');
  assert.equal(day('2026-01-01T23:59:59.000Z'), '1 Jan 2026');
  assert.deepEqual([0, 499, 1500, 999_499, 1_000_000, 3_440_000].map(fileSize), [
    ...['1 kB', '1 kB', '2 kB', '999 kB', '1.0 MB', '3.4 MB']
  ]);
});

test('groups hold every value once, in the order in which keys and values come', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(9)), (values) => {
      const groups = groupBy(values, (value) => String(value % 3));
      for (const [key, own] of groups) {
        assert.deepEqual(
          own,
          values.filter((value) => String(value % 3) === key)
        );
      }
      assert.deepEqual([...groups.keys()], [...new Set(values.map((value) => String(value % 3)))]);
    })
  );
});

test('the bar of a difficulty is empty at −4, half full at 0 and full at +4, and never beyond', () => {
  const shares = [-9, -4, -2, 0, 2, 4, 9].map(difficultyShare);
  assert.deepEqual(shares, [0, 0, 0.25, 0.5, 0.75, 1, 1]);
});
