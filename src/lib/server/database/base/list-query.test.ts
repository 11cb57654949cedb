import assert from 'node:assert/strict';
import { test } from 'node:test';
import { containing, PAGE, pageOf, readListQuery } from './list-query';

test('a list is asked for by its address; what cannot be read asks for nothing', () => {
  const read = (query: string) => readListQuery(new URL(`http://localhost/papers${query}`));
  const nothing = { words: [], state: null, year: null, classId: null, isArchived: false, page: 1 };
  assert.deepEqual(read(''), nothing);
  assert.deepEqual(read('?q=+lamp%20oil+&state=sat&year=2026&class=3&archived=yes&page=2'), {
    ...{ words: ['lamp', 'oil'], state: 'sat', year: '2026', classId: 3 },
    ...{ isArchived: true, page: 2 }
  });
  assert.deepEqual(read('?q=%20&state=&year=26&class=-1&page=1e9'), nothing);
});

test('the last page stands for those beyond it, and one with nothing for an empty list', () => {
  assert.deepEqual(pageOf(0, 5), { total: 0, pages: 1, page: 1, offset: 0 });
  assert.deepEqual(pageOf(2 * PAGE + 1, 3), {
    total: 2 * PAGE + 1,
    pages: 3,
    page: 3,
    offset: 2 * PAGE
  });
  assert.equal(pageOf(PAGE, 9).page, 1);
});

test('signs that mean something in a pattern are looked for as they are', () => {
  assert.equal(containing('50%_\\'), '%50\\%\\_\\\\%');
});
