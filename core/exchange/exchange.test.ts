import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import Papa from 'papaparse';
import { classListWords, readClassList } from './class-list';
import { writeCsv } from './csv';

test('class lists are read with any common separator, quoted names and stray spaces', () => {
  const expected = [
    { line: 2, className: '7 Amber', name: 'Oona Fell' },
    { line: 3, className: '7 Amber', name: 'Bram Wick' }
  ];
  assert.deepEqual(
    readClassList('name,class\nOona Fell,7 Amber\n Bram  Wick ,7 Amber\n').lines,
    expected
  );
  assert.deepEqual(
    readClassList('\ufeffClass;Name\r\n7 Amber;Oona Fell\r\n7 Amber;"Bram Wick"').lines,
    expected
  );
  assert.deepEqual(readClassList('Name\nOona Fell\nBram Wick', '7 Amber').lines, expected);
});

test('every problem is named by its line, and blank lines are none', () => {
  const { lines, problems } = readClassList(
    `name,class\n,7 Amber\nOona Fell,\n\nBram Wick,7 Amber\nbram wick,7 amber\n${'x'.repeat(81)},7 Amber`
  );
  assert.deepEqual(problems, [
    { line: 2, code: 'no-name' },
    { line: 3, code: 'no-class' },
    { line: 6, code: 'twice' },
    { line: 7, code: 'too-long' }
  ]);
  assert.equal(lines.length, 1);
  assert.equal(readClassList('first,last\nOona,Fell').problems[0]!.code, 'no-header');
  for (const { code } of problems) assert.ok(classListWords[code]);
});

test('CSV that is written is read back, and formulas are defused', () => {
  const cell = fc.string().filter((text) => !/^[=+\-@\t\r]/.test(text) && !text.startsWith("'"));
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell, cell), { minLength: 1 }), (rows) => {
      const read = Papa.parse<string[]>(writeCsv(rows), { delimiter: ',', newline: '\r\n' }).data;
      assert.deepEqual(read, rows);
    })
  );
  assert.equal(writeCsv([['=1+1', 5]]), `"'=1+1",5`);
});
