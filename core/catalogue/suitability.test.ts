import assert from 'node:assert/strict';
import { test } from 'node:test';
import './all';
import { allStrategiesOf, suitability } from '.';
import {
  countSuiting,
  itemsUnder,
  readCalculation,
  skillOf,
  WorkedItem,
  type Operation
} from '../skill';
import { skills } from './all';
import { isShown, printValue, stepOf, type Graph } from '../working';

const strategiesOf = (line: string) => {
  const { operation, operands } = readCalculation(line)!;
  return suitability(operation, operands);
};
const suits = (line: string, skill: string) =>
  strategiesOf(line).strategies.some((way) => way.skill === skill && way.applies);

/** What is held after each step, found by looking from every value to the steps after it. */
function heldSlowly(graph: Graph, valueOf: (id: string) => string): number {
  let most = 0;
  graph.steps.forEach((_, at) => {
    let digits = 0;
    for (const made of graph.steps.slice(0, at + 1)) {
      const isNeeded = graph.steps
        .slice(at + 1)
        .some((later) => (later.holds ?? later.uses).includes(made.id));
      if (isNeeded) digits += valueOf(made.id).replace(/\D/g, '').length;
    }
    most = Math.max(most, digits);
  });
  return most;
}

const numbers = Array.from({ length: 90 }, (_, at) => at + 10);
const operations: readonly Operation[] = ['addition', 'subtraction', 'multiplication'];

test('every seventh two-digit sum, difference and product: what each way costs, and which is cheapest, as a slow search finds', () => {
  let looked = 0;
  for (const operation of operations) {
    for (const one of numbers) {
      for (const other of numbers) {
        if (operation === 'subtraction' && other >= one) continue;
        if ((one + other) % 7 > 0) continue;
        const operands = [String(one), String(other)];
        const { strategies, cheapest } = suitability(operation, operands);
        const slow = strategies.map(({ skill: id, school, applies }) => {
          const skill = skillOf(id);
          const { graph, key } = new WorkedItem(skill, skill.given.from!(operands)!, school);
          const shown = (step: string) => isShown(stepOf(graph, step), key.get(step));
          const text = (step: string) =>
            shown(step) ? printValue(stepOf(graph, step), key.get(step))! : '';
          const steps = graph.steps.filter(({ id: step }) => shown(step)).length;
          return { id, applies, steps, held: heldSlowly(graph, text) };
        });
        assert.deepEqual(
          strategies.map(({ skill: id, applies, steps, held }) => ({ id, applies, steps, held })),
          slow
        );
        let best: (typeof slow)[number] | undefined;
        for (const way of slow) {
          if (!way.applies) continue;
          const isLess =
            !best || way.held < best.held || (way.held === best.held && way.steps < best.steps);
          if (isLess) best = way;
        }
        assert.equal(cheapest, best?.id ?? null, operands.join(' '));
        looked++;
      }
    }
  }
  assert.equal(looked, 2 * 1_157 + 572);
});

test('practitioners’ judgement (common practice): what invites compensation, bridging, doubling and halving', () => {
  for (const line of ['44 - 19', '73 - 29', '56 - 28', '81 - 39', '93 - 31']) {
    assert.ok(suits(line, 'near-multiple-subtraction'), line);
  }
  // Below 90: from there on a hundred is near.
  for (const ending of [4, 5, 6]) {
    for (let change = 10 + ending; change < 90; change += 10) {
      assert.ok(!suits(`99 - ${change}`, 'near-multiple-subtraction'), `${change}`);
    }
  }
  for (const line of ['198 + 57', '995 + 37', '58 + 39']) {
    assert.ok(suits(line, 'bridge-addition'), line);
  }
  assert.ok(!suits('24 + 43', 'bridge-addition'), '24 + 43');
  assert.ok(suits('174 + 179', 'near-doubles'), '174 + 179');
  assert.ok(suits('12 x 16', 'double-and-halve'), '12 x 16');
  assert.equal(
    skillOf('double-and-halve').measure({ left: '12', right: '16' })['halvedFactors'],
    2
  );
});

test('ties are named, and every way says why it suits or not', () => {
  const ways = allStrategiesOf(readCalculation('174 + 179')!);
  const best = ways.filter(({ isCheapest }) => isCheapest);
  assert.deepEqual(
    best.map(({ skill, school }) => [skill, school]),
    [
      ['near-doubles', 'smaller'],
      ['near-doubles', 'larger']
    ]
  );
  assert.ok(ways.every(({ because, seconds }) => /^[A-Z0-9].+\.$/.test(because) && seconds > 0));
  const unsuited = allStrategiesOf(readCalculation('532 - 254')!).find(
    ({ skill }) => skill === 'near-multiple-subtraction'
  );
  assert.match(unsuited!.because, /254 is not within 2/);
});

test('the controls under which items suit are met by those that do, and by no others', () => {
  for (const skill of skills) {
    const { suitsUnder } = skill;
    if (suitsUnder === undefined) continue;
    const all = itemsUnder(skill, {});
    const fit = itemsUnder(skill, suitsUnder);
    if (Object.keys(suitsUnder).length === 0) {
      assert.equal(all, fit, skill.id);
      continue;
    }
    for (const [space, expected] of [
      [fit, true],
      [all, null]
    ] as const) {
      const { count, at } = space.ranked();
      let found = 0;
      for (let step = 0n; step < 200n; step++) {
        const given = at((count * step) / 200n);
        if (expected) assert.ok(skill.suits(given), skill.given.print(given));
        else found += skill.suits(given) ? 1 : 0;
      }
      if (!expected) assert.ok(found < 200, skill.id);
    }
  }
});

test('how many sums of a size suit is what a list of them says', () => {
  const list = (skillId: string, lines: readonly (readonly string[])[]) => {
    const skill = skillOf(skillId);
    const items = lines.flatMap((operands) => skill.given.from!(operands) ?? []);
    const suit = items.filter((given) => skill.suits(given)).length;
    assert.deepEqual(
      countSuiting(skill, 2),
      { all: BigInt(items.length), suit: BigInt(suit) },
      skillId
    );
    assert.ok(suit > 0, skillId);
  };
  const pairs = numbers.flatMap((one) => numbers.map((other) => [String(one), String(other)]));
  for (const id of [
    'partition-addition',
    'near-multiple-addition',
    'near-doubles',
    'reversed-pair'
  ])
    list(id, pairs);
  for (const id of ['near-multiple-subtraction', 'double-and-halve']) list(id, pairs);
  assert.deepEqual(countSuiting(skillOf('reversed-pair'), 3), { all: 0n, suit: 0n });
  assert.deepEqual(countSuiting(skillOf('doubling'), 1), { all: 0n, suit: 0n });
});

test('a sum is read as it is typed, with any of the signs; what is none is not', () => {
  assert.deepEqual(readCalculation('198 + 57'), { operation: 'addition', operands: ['198', '57'] });
  assert.deepEqual(readCalculation('1 000 − 305'), {
    operation: 'subtraction',
    operands: ['1000', '305']
  });
  assert.deepEqual(readCalculation('12×16'), {
    operation: 'multiplication',
    operands: ['12', '16']
  });
  assert.deepEqual(readCalculation('65²'), { operation: 'multiplication', operands: ['65', '65'] });
  assert.deepEqual(readCalculation('84 ÷ 4'), { operation: 'division', operands: ['84', '4'] });
  for (const line of ['', '57', '3.5 + 2', '1 + x', '007 + 1', '+ 5', '5 -']) {
    assert.equal(readCalculation(line), undefined, line);
  }
});
