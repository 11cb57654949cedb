import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ANSWER, evaluate, stepOf } from '../../../working';
import { evaluatePattern, suitability } from '../..';
import { squareEndingFive as skill } from '.';

const school = skill.schools[0]!;

test('all numbers of 2 to 4 digits: the graph gives the square, counts and ranks give every number once', () => {
  for (const [min, max] of [
    [2, 2],
    [3, 3],
    [2, 4]
  ] as const) {
    const constraints = { digits: { min, max } };
    const space = skill.space(constraints);
    const drawn = Array.from({ length: Number(space.count) }, (_, rank) => space.at(BigInt(rank)));
    const wanted = [];
    for (let number = 15; number < 10 ** max; number += 10) {
      if (String(number).length >= min) wanted.push(String(number));
    }
    assert.deepEqual(drawn.map(({ number }) => number).sort(), wanted.sort());
    assert.equal(skill.count(constraints), BigInt(wanted.length));
    for (const given of drawn) {
      const square = BigInt(given.number) ** 2n;
      assert.equal(evaluate(skill.graph(given, school)).get(ANSWER), square);
      assert.ok(skill.measure(given)['digits'] === given.number.length);
    }
  }
});

test('error patterns give the answers worked by hand', () => {
  // head-squared: 6 × 6 = 36 with 25 after it; doubled: 65 + 65.
  const table: [string, string, string][] = [
    ['15', '125', '30'],
    ['65', '3625', '130'],
    ['95', '8125', '190'],
    ['105', '10025', '210'],
    ['125', '14425', '250'],
    ['995', '980125', '1990'],
    ['1005', '1000025', '2010']
  ];
  for (const [number, squared, doubled] of table) {
    const given = { number };
    const graph = skill.graph(given, school);
    const answers = skill.errorPatterns.map((pattern) => {
      const values = evaluatePattern(pattern, given, graph)!;
      return stepOf(graph, ANSWER).reading.print(values.get(ANSWER)!);
    });
    assert.deepEqual(answers, [squared, doubled]);
  }
});

test('of two equal numbers only, it is a way of working the product that holds less than rows do', () => {
  const { strategies, cheapest } = suitability('multiplication', ['65', '65']);
  const ways = strategies.map(({ skill: id, held }) => [id, held]);
  // In rows, 325 and 3900 are held with the first digit of their sum; here 42, and 7 before it.
  assert.deepEqual(ways, [
    ['long-multiplication', 8],
    ['square-ending-five', 2]
  ]);
  assert.equal(cheapest, skill.id);
  for (const operands of [
    ['65', '75'],
    ['64', '64'],
    ['65', '65', '65'],
    ['5', '5']
  ]) {
    assert.equal(skill.strategy!.given(operands), undefined);
  }
});
