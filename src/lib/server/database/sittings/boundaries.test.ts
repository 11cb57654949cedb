import assert from 'node:assert/strict';
import { test } from 'node:test';
import { gradeOf } from './boundaries';

test('a grade is the best whose boundary is reached, whatever their order', () => {
  const boundaries = [
    { grade: 'B', from: 20 },
    { grade: 'A', from: 30 },
    { grade: 'C', from: 10 }
  ];
  const grades = [0, 9, 10, 19, 20, 29, 30, 40].map((total) => gradeOf(boundaries, total));
  assert.deepEqual(grades, ['', '', 'C', 'C', 'B', 'B', 'A', 'A']);
  assert.equal(gradeOf([], 40), '');
});
