import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { evaluatePattern, skillOf } from '../..';
import { ANSWER, evaluate } from '../../../working';

const skill = skillOf('column-subtraction');

function answerUnder(pattern: string, line: string, school: string): string | undefined {
  const given = skill.parse(line)!;
  const error = skill.errorPatterns.find(({ id }) => id === pattern)!;
  const graph = skill.graph(given, school);
  return evaluatePattern(error, given, graph)?.get(ANSWER)?.toString();
}

/**
 * Bugs of the published catalogue (Brown & Burton 1978, VanLehn 1990), worked by hand; undefined where the
 * pattern cannot be carried out, the right difference where it does not show.
 */
const table: Record<string, [string, string | undefined][]> = {
  'smaller-from-larger': [
    ['403 - 127', '324'], // 7-3, 2-0, 4-1
    ['52 - 27', '35'],
    ['586 - 243', '343'], // nothing to regroup
    ['1000 - 1', '1001'],
    ['523 - 187', '464']
  ],
  'no-decrement': [
    ['403 - 127', '386'], // 13-7, 10-2, 4-1
    ['52 - 27', '35'], // 12-7, 5-2
    ['586 - 243', '343'],
    ['523 - 187', '446'], // 13-7, 12-8, 5-1
    ['1000 - 1', '1009'] // 10-1, 0, 0, 1
  ],
  'stops-at-zero': [
    ['5003 - 1998', '3105'], // 13-8; 9-9; 10-9 from 5; 4-1
    ['403 - 127', '376'], // 13-7; 9-2; 4-1
    ['52 - 27', '25'], // no zero beside
    ['1000 - 1', '1099'], // 10-1; 9; 0; 1
    ['702 - 5', '797'] // 12-5; 9; 7
  ],
  'skips-zero': [
    ['403 - 127', '186'], // 13-7 from 4; 10-2 from 3; 2-1
    ['702 - 5', '607'], // 12-5 from 7; 0; 6
    ['52 - 27', '25'],
    ['1000 - 1', '9'], // 10-1 from 1; 0; 0; 0
    ['102 - 98', undefined] // 12-8 from 1; the tens find nothing to take from
  ],
  'zero-minus-n-is-n': [
    ['540 - 128', '428'], // 8; 4-2; 5-1
    ['403 - 127', '276'], // the 0 gave a ten away: worked rightly
    ['300 - 125', '225'], // 5; 2; 3-1
    ['586 - 243', '343'],
    ['908 - 35', '933'] // 3; 3; 9
  ],
  'zero-minus-n-is-zero': [
    ['540 - 128', '420'],
    ['403 - 127', '276'],
    ['300 - 125', '200'],
    ['586 - 243', '343'],
    ['908 - 35', '903']
  ],
  'always-regroups': [
    ['586 - 243', '21313'], // 16-3; 17-4; 4-2
    ['52 - 27', '25'], // 12-7; 4-2
    ['99 - 11', '718'], // 19-1; 8-1
    ['345 - 312', undefined], // 3-1-3 turns negative
    ['9 - 4', '5']
  ],
  'aligned-left': [
    ['7654 - 23', '5354'],
    ['403 - 12', '283'],
    ['523 - 187', '336'],
    ['123 - 45', undefined], // 123 - 450
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

for (const [pattern, lines] of Object.entries(table)) {
  const schools = skill.errorPatterns.find(({ id }) => id === pattern)!.schools ?? skill.schools;
  test(`${pattern} answers as worked by hand, in ${schools.join(' and ')}`, () => {
    for (const school of schools) {
      for (const [line, expected] of lines) {
        assert.equal(answerUnder(pattern, line, school), expected, `${line} ${school}`);
      }
    }
  });
}

test('every error pattern is in the table', () => {
  assert.deepEqual(
    Object.keys(table),
    skill.errorPatterns.map(({ id }) => id)
  );
});

test('both schools give the difference that BigInt gives, and 523 - 187 rewrites the tens as 11', () => {
  const numbers = fc.tuple(fc.bigInt(1n, 999_999_999_998n), fc.bigInt(1n, 999_999_999_999n));
  fc.assert(
    fc.property(numbers, ([less, more]) => {
      fc.pre(more > less);
      const given = { minuend: String(more), subtrahend: String(less) };
      for (const school of skill.schools) {
        assert.equal(evaluate(skill.graph(given, school)).get(ANSWER), more - less);
      }
    }),
    { numRuns: 1500 }
  );
  const values = evaluate(skill.graph(skill.parse('523 - 187'), 'decomposition'));
  assert.deepEqual(
    [0, 1, 2].map((p) => values.get(`rewritten.${p}`)),
    [13n, 11n, 4n]
  );
});
