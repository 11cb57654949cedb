import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { cards, findListedSkill } from '../../../catalogue';
import { choiceAmong } from '../../../strategies';
import { itemsUnder, skillOf, WorkedItem } from '../../../skill';
import '../../../catalogue/all';
import { markItem } from '../../../marking';
import { readCalculation } from '../../../skill/given/read-calculation';
import bestWays from './best-ways.json';
import { crosses, keyOf, OPERATIONS, SIZE, sumAt } from './table';
import { ON_PAPER, wayOf, wayReading, waysFor } from './way';

const skill = skillOf('choose-way');
const ways = cards
  .filter(({ operation }) => OPERATIONS.some((one) => one === operation))
  .map(({ id }) => findListedSkill(id)!);
const given = (line: string) => skill.given.parse(line)!;

test('the table of best ways is that of the skills there are: `npx tsx scripts/make/best-ways.ts` makes it anew', () => {
  assert.deepEqual(
    bestWays.ways,
    ways.map(({ id }) => id)
  );
  for (const [id, patterns] of Object.entries(bestWays.shows)) {
    const own = ways.find((way) => way.id === id)!.patterns.map((pattern) => pattern.id);
    assert.ok(
      patterns.every((pattern) => own.includes(pattern)),
      id
    );
  }
  // Every third sum of two-digit numbers, and some of three digits from a fixed seed.
  const two = Array.from({ length: SIZE }, (_, key) => key).filter((key) =>
    sumAt(key)?.operands.every(({ length }) => length === 2)
  );
  const some = fc.sample(fc.integer({ min: 0, max: SIZE - 1 }), { numRuns: 1500, seed: 1852 });
  let looked = 0;
  for (const key of [...two.filter((_, at) => at % 3 === 0), ...some]) {
    const sum = sumAt(key);
    if (!sum) continue;
    const { best, margin } = choiceAmong(ways, sum);
    const { cheapest, margin: told } = skill.measure(sum);
    const line = sum.operands.join(` ${sum.operation} `);
    assert.equal(cheapest, wayOf(best[0]!.skill).replaceAll(' ', '-'), line);
    assert.equal(told, Math.min(margin, 9), line);
    looked++;
  }
  assert.ok(looked > 5000, `${looked} sums`);
});

test('a key has a sum and the sum that key; what passes a place is seen by adding digit by digit', () => {
  const carries = (one: string, other: string) => {
    let carry = 0;
    return [...one].reverse().map((digit, place) => {
      carry = Number(digit) + Number(other.at(-1 - place) ?? 0) + carry >= 10 ? 1 : 0;
      return carry;
    });
  };
  for (const key of fc.sample(fc.integer({ min: 0, max: SIZE - 1 }), { numRuns: 3000, seed: 7 })) {
    const sum = sumAt(key);
    if (!sum) continue;
    assert.equal(keyOf(sum), key);
    const [larger, smaller] = sum.operands.map(Number).toSorted((one, other) => other - one);
    if (sum.operation === 'addition') {
      const places = carries(String(larger), String(smaller)).slice(0, -1);
      assert.equal(crosses('addition', larger!, smaller!), places.includes(1), `${key}`);
    } else if (sum.operation === 'subtraction') {
      // Taking away passes a place where adding back does.
      const places = carries(String(larger! - smaller!).padStart(3, '0'), String(smaller)).slice(
        0,
        String(larger).length - 1
      );
      assert.equal(crosses('subtraction', larger!, smaller!), places.includes(1), `${key}`);
    }
  }
});

test('ways are read by name, by first letters and by what they are found by; what may be two is none', () => {
  for (const operation of OPERATIONS) {
    const reading = wayReading(ways, operation);
    const names = waysFor(ways, operation);
    for (const way of names) assert.deepEqual(reading.parse(way.toUpperCase()), { way });
    assert.equal(new Set(names).size, names.length);
    assert.equal(reading.parse('guessing'), undefined);
  }
  const adding = wayReading(ways, 'addition');
  const read = (text: string) => adding.parse(text)?.way;
  assert.deepEqual(
    ['nm', 'near d', 'bridging', 'compensation', 'columns', 'rev', 'partition', 'near', 'n'].map(
      read
    ),
    [
      ...['near multiple', 'near double', 'making up', 'near multiple', ON_PAPER, 'reversed pair'],
      ...['from the left', undefined, undefined]
    ]
  );
});

test('the way is marked apart from the answer; every way as cheap is right', () => {
  const marks = (line: string, way: string, answer: string) =>
    markItem(new WorkedItem(skill, given(line), 'named'), { way, answer })
      .marks.lines.map(({ awarded, because }) => `${awarded} ${because}`)
      .join(', ');
  assert.equal(marks('198 + 57', 'near multiple', '255'), '1 right, 1 right');
  assert.equal(marks('198 + 57', 'on paper', '255'), '0 wrong, 1 right');
  assert.equal(marks('198 + 57', 'near multiple', '256'), '1 right, 0 wrong');
  assert.equal(marks('198 + 57', '', '255'), '0 blank, 1 right');
  assert.equal(marks('583 - 276', 'column', '307'), '1 right, 1 right');
  // Of every sum with a tie, each of the ways that tie.
  let ties = 0;
  const space = itemsUnder(skill, { margin: 0, digits: 2 }).ranked();
  for (let rank = 0n; rank < space.count; rank += 7n) {
    const sum = space.at(rank) as { operation: 'addition'; operands: string[] };
    const { best } = choiceAmong(ways, sum);
    if (best.length > 1) ties++;
    const item = new WorkedItem(skill, sum, 'named');
    for (const one of best) {
      const { awarded } = markItem(item, { way: wayOf(one.skill), answer: item.answer }).marks;
      assert.equal(awarded, 2, skill.given.print(sum));
    }
  }
  assert.ok(ties > 0, 'no tie was met');
});

test('worked by the best way, an item has its steps; a wrong answer is named with the way it is of', () => {
  const worked = new WorkedItem(skill, given('532 - 298'), 'worked');
  assert.deepEqual(
    worked.graph.steps.map(({ id }) => id),
    ['multiple', 'difference', 'adjustment', 'answer']
  );
  const named = (line: string, working: Record<string, string>) =>
    markItem(new WorkedItem(skill, given(line), 'named'), working).diagnosis.map(({ patterns }) =>
      patterns.join()
    );
  assert.deepEqual(named('532 - 298', { answer: '230' }), ['compensated-wrong-way']);
  assert.deepEqual(named('198 + 57', { way: 'making up', answer: '253' }), ['taken-twice']);
  assert.deepEqual(named('36 x 29', { way: 'near base', answer: '1056' }), ['mixed-side-added']);
  assert.deepEqual(named('583 - 276', { way: 'on paper', answer: '313' }), ['smaller-from-larger']);
});

test('an item is typed as a sum, a difference or a product of two numbers, and nothing else', () => {
  for (const line of ['198 + 57', '532 − 298', '36 × 29']) assert.ok(given(line), line);
  for (const line of [
    '57 - 198',
    '40 + 30',
    '40 x 3',
    '12 / 4',
    '5 + 7',
    '1000 + 1',
    '1 + 2 + 3'
  ]) {
    assert.equal(given(line), undefined, line);
  }
  assert.equal(readCalculation('36 x 29')?.operation, 'multiplication');
});
