import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { markItem } from '../../../marking';
import { analyseItem, skillOf, Wanted, WorkedItem } from '../../../skill';
import type { Given } from '../../../methods/division/look';
import { divisions } from '../../../methods/division/space';
import { checkPatterns, schoolsOf, worked } from '../../../catalogue/skills.test-helper';
import { countsAsMeasured, ranksAsListed } from '../../../skill/space-checks.test-helper';

const skill = skillOf('long-division');
const specs = skill.features;
const measure = (given: Given) => skill.measure(given);

test('both schools come to what BigInt says, and chunks are multiples that add up', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 198, max: 999_999 }),
      fc.integer({ min: 11, max: 99 }),
      (n, d) => {
        const given = { dividend: String(n), divisor: String(d) };
        const [quotient, remainder] = [BigInt(n) / BigInt(d), BigInt(n) % BigInt(d)];
        for (const school of schoolsOf(skill)) {
          const { answer } = analyseItem(skill, given, { school });
          assert.equal(answer, remainder ? `${quotient} r ${remainder}` : String(quotient));
        }
        const { graph, key } = new WorkedItem(skill, given, 'chunks');
        const chunks = graph.steps.filter(({ kind }) => kind === 'chunk');
        const taken = chunks.map(({ id }) => key.get(id) as bigint);
        assert.ok(taken.every((chunk) => chunk % BigInt(d) === 0n));
        assert.equal(
          taken.reduce((sum, chunk) => sum + chunk, 0n),
          quotient * BigInt(d)
        );
      }
    )
  );
});

test('counts and ranks are those of a list of small divisions; all of them are counted', () => {
  const within = { digits: { min: 3, max: 3 }, divisor: { min: 18, max: 22 } };
  const listed = [18, 19, 20, 21, 22].flatMap((divisor) =>
    Array.from({ length: 900 }, (_, at) => ({
      dividend: String(at + 100),
      divisor: String(divisor)
    }))
  );
  countsAsMeasured({ specs, items: listed, measure, within, space: divisions });
  const rare = new Wanted(specs, { ...within, quotientZeros: { min: 1, max: 1 } });
  const wanted = listed.filter((given) => rare.meets(measure(given)));
  ranksAsListed(divisions(rare), wanted, (given) => skill.given.print(given));
  const divisors = Array.from({ length: 89 }, (_, at) => at + 11);
  const sum = divisors.reduce((total, d) => total + 1_000_000 - Math.max(100, 2 * d), 0);
  assert.equal(divisions(new Wanted(specs)).count, BigInt(sum));
});

test('error patterns give the answers worked by hand', () =>
  checkPatterns(skill.id, {
    'quotient-zero-omitted': [
      ['4488 / 22', '24'],
      ['3655 / 12', '34 r 7'],
      ['288 / 12', '='],
      ['600 / 15', '4'],
      ['8190 / 13', '63'] // 630
    ],
    'final-remainder-dropped': [
      ['500 / 13', '38'],
      ['3655 / 12', '304'],
      ['288 / 12', '='],
      ['999 / 98', '10'],
      ['1736 / 35', '49']
    ],
    'remainder-as-decimal': [
      ['500 / 13', '38.6'],
      ['3655 / 12', '304.7'],
      ['142 / 12', '11.10'],
      ['999 / 98', '10.19'],
      ['288 / 12', '=']
    ],
    'remainder-too-large': [
      ['500 / 13', '37 r 19'],
      ['3655 / 12', '303 r 19'],
      ['288 / 12', '23 r 12'],
      ['600 / 15', '-'],
      ['1736 / 35', '48 r 56']
    ]
  }));

test('own figures are followed down the page; any multiples may be taken away', () => {
  const mark = (school: string, working: Record<string, string>) =>
    markItem(worked(skill.id, '4488 / 22', school), working).marks.lines.map(
      ({ awarded }) => awarded
    );
  const top = { 'quotient.2': '2', 'product.2': '44' };
  assert.deepEqual(
    mark('columns', {
      ...top,
      ...{ 'brought.1': '8', 'quotient.1': '0', 'brought.0': '88', 'quotient.0': '4' },
      ...{ 'product.0': '88', 'remainder.0': '0', answer: '204' }
    }),
    [1, 1, 1]
  );
  // 44 - 44 taken for 1, carried on: 18 and 188, eight times 22 is 176.
  assert.deepEqual(
    mark('columns', {
      ...top,
      ...{ 'brought.1': '18', 'quotient.1': '0', 'brought.0': '188', 'quotient.0': '8' },
      ...{ 'product.0': '176', 'remainder.0': '12', answer: '208 r 12' }
    }),
    [1, 1, 0]
  );
  // 2200 twice, then 44 twice.
  assert.deepEqual(
    mark('chunks', {
      ...{ 'chunk.0': '2200', 'left.0': '2288', 'chunk.1': '2200', 'left.1': '88' },
      ...{ 'chunk.2': '44', 'left.2': '44', 'chunk.3': '44', 'left.3': '0', answer: '204' }
    }),
    [1, 1, 1]
  );
  assert.deepEqual(
    mark('chunks', { 'chunk.0': '4400', 'left.0': '188', answer: '208 r 12' }),
    [1, 1, 0]
  );
});
