import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isTooLong, MOST_CHARACTERS, MOST_DIGITS, MOST_PLACES } from './too-long';

const digits = (count: number) => '1234567890'.repeat(20).slice(0, count);
const inThrees = (text: string, mark: string) => text.replace(/\B(?=(\d{3})+$)/g, mark);

test('a number is too long from a digit or a place on, however its digits are grouped', () => {
  for (const mark of ['', ' ', ',', '’']) {
    assert.equal(isTooLong(inThrees(digits(MOST_DIGITS), mark)), false, mark);
    assert.equal(isTooLong(inThrees(digits(MOST_DIGITS + 1), mark)), true, mark);
  }
  assert.equal(isTooLong(`0.${digits(MOST_PLACES)}`), false);
  assert.equal(isTooLong(`0.${digits(MOST_PLACES + 1)}`), true);
  assert.equal(isTooLong(`3 r ${digits(MOST_DIGITS + 1)}`), true);
  assert.equal(isTooLong('x'.repeat(MOST_CHARACTERS)), false);
  assert.equal(isTooLong('x'.repeat(MOST_CHARACTERS + 1)), true);
});

test('several numbers in one answer are each as long as they are', () => {
  const list = Array.from({ length: 8 }, (_, at) => `9${at}.1234`).join(', ');
  assert.equal(isTooLong(list), false);
  assert.equal(isTooLong(`${list}, ${digits(MOST_DIGITS + 1)}`), true);
});
