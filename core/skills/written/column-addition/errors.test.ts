import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { analyseItem, skillOf } from '../../../skill';
import { checkPatterns } from '../../../catalogue/skills.test-helper';

/** Worked by hand; `=` where the answer is the right one and the pattern does not show. */
const table: Record<string, [string, string][]> = {
  'carry-dropped': [
    ['58 + 67', '115'], // 5, then 11 whole
    ['586 + 347', '823'], // 3, 2, 8
    ['487 + 365', '742'],
    ['96 + 7', '93'], // ones 13 -> 3; tens 9
    ['123 + 456', '='], // nothing to drop
    ['999 + 1', '990']
  ],
  'total-written-whole': [
    ['487 + 365', '71412'], // 7, 14, 12
    ['58 + 67', '1115'], // 11, 15
    ['58 + 7', '515'],
    ['123 + 456', '='],
    ['6 + 7', '='] // one column is written whole anyway
  ],
  'carry-and-digit-swapped': [
    ['487 + 365', '1311'], // 12 -> 1 carry 2; 8+6+2=16 -> 1 carry 6; 4+3+6=13
    ['58 + 67', '161'], // 15 -> 1 carry 5; 5+6+5=16
    ['28 + 47', '111'], // 15 -> 1 carry 5; 2+4+5=11
    ['34 + 52', '='], // no total of two digits
    ['99 + 99', '261'] // 18 -> 1 carry 8; 9+9+8=26
  ],
  'left-to-right': [
    ['487 + 365', '7413'], // 7; 14 -> 4 pass 1; 13 whole
    ['58 + 67', '116'], // 11 -> 1 pass 1; 5+10... 15+1=16
    ['123 + 456', '='],
    ['90 + 30', '21'], // 12 -> 2 pass 1; 0+1
    ['96 + 7', '913'] // 9; 13 whole
  ],
  'aligned-left': [
    ['487 + 36', '847'], // 487 + 360
    ['96 + 7', '166'], // 96 + 70
    ['1000 + 1', '2000'],
    ['123 + 456', '='],
    ['512 + 9 + 30', '1712'] // 512 + 900 + 300
  ],
  'last-carry-dropped': [
    ['58 + 67', '25'],
    ['999 + 1', '0'], // 000 once the last carry is gone
    ['487 + 365', '='],
    ['5 + 6', '1'],
    ['700 + 800', '500']
  ],
  'lone-digit-dropped': [
    ['487 + 36', '123'], // 13 -> 3 carry 1; 8+3+1=12 whole
    ['96 + 7', '13'],
    ['4321 + 21 + 5', '47'], // 7; 2+2=4; then only one digit
    ['123 + 456', '='],
    ['1204 + 3', '7']
  ]
};

test('error patterns answer as worked by hand', () => checkPatterns('column-addition', table));

test('an item lists no pattern whose answer is the sum, and the sum is that of BigInt', () => {
  const skill = skillOf('column-addition');
  const addend = fc.integer({ min: 1, max: 99_999 }).map(String);
  fc.assert(
    fc.property(fc.array(addend, { minLength: 2, maxLength: 4 }), (addends) => {
      const item = analyseItem(skill, { addends });
      const sum = addends.reduce((total, numeral) => total + BigInt(numeral), 0n).toString();
      assert.equal(item.answer, sum);
      assert.ok(item.errorPatterns.every(({ answer }) => answer !== sum));
    })
  );
});
