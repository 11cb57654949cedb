import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { skillOf, WorkedItem } from '../../../skill';
import { ANSWER } from '../../../working';
import { checkPatterns, schoolsOf, worked } from '../../../catalogue/skills.test-helper';

const skill = skillOf('column-subtraction');

/**
 * Bugs of the published catalogue (Brown & Burton 1978, VanLehn 1990), worked by hand; `-` where the pattern
 * cannot be carried out, `=` where it does not show.
 */
const table: Record<string, [string, string][]> = {
  'smaller-from-larger': [
    ['403 - 127', '324'], // 7-3, 2-0, 4-1
    ['52 - 27', '35'],
    ['586 - 243', '='], // nothing to regroup
    ['1000 - 1', '1001'],
    ['523 - 187', '464']
  ],
  'no-decrement': [
    ['403 - 127', '386'], // 13-7, 10-2, 4-1
    ['52 - 27', '35'], // 12-7, 5-2
    ['586 - 243', '='],
    ['523 - 187', '446'], // 13-7, 12-8, 5-1
    ['1000 - 1', '1009'] // 10-1, 0, 0, 1
  ],
  'stops-at-zero': [
    ['5003 - 1998', '3105'], // 13-8; 9-9; 10-9 from 5; 4-1
    ['403 - 127', '376'], // 13-7; 9-2; 4-1
    ['52 - 27', '='], // no zero beside
    ['1000 - 1', '1099'], // 10-1; 9; 0; 1
    ['702 - 5', '797'] // 12-5; 9; 7
  ],
  'skips-zero': [
    ['403 - 127', '186'], // 13-7 from 4; 10-2 from 3; 2-1
    ['702 - 5', '607'], // 12-5 from 7; 0; 6
    ['52 - 27', '='],
    ['1000 - 1', '9'], // 10-1 from 1; 0; 0; 0
    ['102 - 98', '-'] // 12-8 from 1; the tens find nothing to take from
  ],
  'zero-becomes-ten': [
    ['304 - 127', '187'], // 14-7; 10-2; 2-1
    ['403 - 127', '286'],
    ['5003 - 1998', '3115'], // 13-8; 10-9; 10-9; 4-1
    ['52 - 27', '='],
    ['702 - 5', '6107'] // 12-5; 10; 6
  ],
  'zero-minus-n-is-n': [
    ['540 - 128', '428'], // 8; 4-2; 5-1
    ['403 - 127', '='], // the 0 gave a ten away: worked rightly
    ['300 - 125', '225'], // 5; 2; 3-1
    ['586 - 243', '='],
    ['908 - 35', '933'] // 3; 3; 9
  ],
  'zero-minus-n-is-zero': [
    ['540 - 128', '420'],
    ['403 - 127', '='],
    ['300 - 125', '200'],
    ['586 - 243', '='],
    ['908 - 35', '903']
  ],
  'always-regroups': [
    ['586 - 243', '21313'], // 16-3; 17-4; 4-2
    ['52 - 27', '='], // 12-7; 4-2
    ['99 - 11', '718'], // 19-1; 8-1
    ['345 - 312', '-'], // 3-1-3 turns negative
    ['9 - 4', '=']
  ],
  'aligned-left': [
    ['7654 - 23', '5354'],
    ['403 - 12', '283'],
    ['523 - 187', '='],
    ['123 - 45', '-'], // 123 - 450
    ['900 - 8', '100']
  ],
  'adds-instead': [
    ['403 - 127', '530'],
    ['52 - 27', '79'],
    ['99 - 11', '110'],
    ['999 - 1', '1000'],
    ['586 - 243', '829']
  ]
};

test('error patterns answer as worked by hand, in every school that has them', () =>
  checkPatterns('column-subtraction', table));

test('both schools give the difference that BigInt gives, and 523 - 187 rewrites the tens as 11', () => {
  const numbers = fc.tuple(fc.bigInt(1n, 999_999_999_998n), fc.bigInt(1n, 999_999_999_999n));
  fc.assert(
    fc.property(numbers, ([less, more]) => {
      fc.pre(more > less);
      const given = { minuend: String(more), subtrahend: String(less) };
      for (const school of schoolsOf(skill)) {
        assert.equal(new WorkedItem(skill, given, school).key.get(ANSWER), more - less);
      }
    }),
    { numRuns: 1500 }
  );
  const { key } = worked('column-subtraction', '523 - 187', 'decomposition');
  assert.deepEqual(
    [0, 1, 2].map((p) => key.get(`rewritten.${p}`)),
    [13n, 11n, 4n]
  );
});
