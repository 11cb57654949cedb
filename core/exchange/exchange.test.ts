import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import Papa from 'papaparse';
import { classListWords, readClassList } from './class-list';
import { byRegister, readName, toldApart } from './names';
import { writeCsv } from './csv';

/** The pupils of a list, `class: name` with the surname in capitals where it is known. */
const read = (text: string, className?: string) =>
  readClassList(text, className).lines.map(({ name, surname, className }) => {
    const shown = surname ? name.replace(surname, surname.toUpperCase()) : name;
    return `${className}: ${shown}`;
  });

test('a list is understood however it is set out', () => {
  const plain = ['7 Amber: Oona Fell', '7 Amber: Bram Wick'];
  const known = ['7 Amber: Oona FELL', '7 Amber: Bram WICK'];
  for (const [text, expected, className] of [
    ['name,class\nOona Fell,7 Amber\n Bram  Wick ,7 Amber\n', plain],
    ['\ufeffClass;Name\r\n7 Amber;Oona Fell\r\n7 Amber;"Bram Wick"', plain],
    ['Name\nOona Fell\nBram Wick', plain, '7 Amber'],
    ['Oona Fell\n\nBram Wick\n', plain, '7 Amber'],
    ['Oona Fell\t7 Amber\nBram Wick\t7 Amber', plain],
    ['Fell, Oona\nWick, Bram', known, '7 Amber'],
    ['Fell;Oona;7 Amber\nWick;Bram;7 Amber', known],
    ['"Fell, Oona",7 Amber\n"Wick, Bram",7 Amber', known],
    ['No,Surname,First name,Form\n1,Fell,Oona,7 Amber\n2,Wick,Bram,7 Amber', known],
    ['Forename\tSurname\nOona\tFell\nBram\tWick', known, '7 Amber']
  ] as [string, string[], string?][]) {
    assert.deepEqual(read(text, className), expected, JSON.stringify(text));
  }
  assert.deepEqual(read('Fell,Oona,Amber\nWick,Bram,Amber\nPeat,Corin,Amber'), [
    'Amber: Oona FELL',
    'Amber: Bram WICK',
    'Amber: Corin PEAT'
  ]);
});

test('a comma in one line of many leaves the order of the others alone', () => {
  const surnames = ['Fell', 'Łódka', 'Lund', 'Mossop', 'Ødegaard', 'Olsen', 'Öz', 'Vane', 'Wick'];
  const lines = surnames.map((surname, at) => `${'ZYXWVUTSR'[at]}ara ${surname}`);
  const ordered = (text: string) =>
    [...readClassList(text, '7 Amber').lines].sort(byRegister).map(({ name }) => name);
  assert.deepEqual(ordered(lines.toReversed().join('\n')), lines);
  for (const [at, surname] of surnames.entries()) {
    const one = lines.with(at, `${surname}, ${lines[at]!.split(' ')[0]}`);
    assert.deepEqual(ordered(one.toReversed().join('\n')), lines, surname);
  }
});

test('every problem is named by its line, and what is left over is only what has one', () => {
  const { lines, problems, rest } = readClassList(
    `name,class\n,7 Amber\nOona Fell,\n\nBram Wick,7 Amber\nbram wick,7 amber\n${'x'.repeat(81)},7 Amber`
  );
  assert.deepEqual(problems, [
    { line: 2, code: 'no-name' },
    { line: 3, code: 'no-class' },
    { line: 7, code: 'too-long' }
  ]);
  assert.deepEqual(
    lines.map(({ line, isAgain }) => [line, isAgain]),
    [
      [5, false],
      [6, true]
    ]
  );
  assert.deepEqual(
    readClassList(rest).problems.map(({ code }) => code),
    problems.map(({ code }) => code)
  );
  for (const { code } of problems) assert.ok(classListWords[code]);
});

test('names are kept whole, in the order of a register, and told apart where they are the same', () => {
  assert.deepEqual(readName(' van der  Moor,  Anna '), {
    name: 'Anna van der Moor',
    surname: 'van der Moor'
  });
  assert.deepEqual(readName('Fell,'), { name: 'Fell', surname: null });
  const pupils = ['Wick, Bram', 'Oona Fell', 'Ash, Gethin', 'Oona Fell'].map(readName);
  assert.deepEqual(
    toldApart([...pupils].sort(byRegister)).map(({ name }) => name),
    ['Gethin Ash', 'Oona Fell (1)', 'Oona Fell (2)', 'Bram Wick']
  );
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

test('a pupil may be called as something that every object has is called', () => {
  for (const name of ['constructor', 'toString', 'hasOwnProperty', '__proto__']) {
    assert.deepEqual(read(name, '7 Amber'), [`7 Amber: ${name}`]);
  }
});

test('characters that cannot be printed are refused, wherever they stand', () => {
  for (const bad of ['\0', '\x07', '\x1b', '\x7f', '\x9b', '\u202e', '\ufffd']) {
    const list = readClassList(`Oona ${bad}Fell,7 Amber\nBram Wick,7 Amber`);
    assert.deepEqual(list.problems, [{ line: 1, code: 'control' }], JSON.stringify(bad));
    assert.equal(list.lines.length, 1);
  }
});
