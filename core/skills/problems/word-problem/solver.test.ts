import assert from 'node:assert/strict';
import { test } from 'node:test';
import Fraction from 'fraction.js';
import { analyseItem, WorkedItem } from '../../../skill';
import { markItem } from '../../../marking';
import { arithmetic, operandsOf, skillFor, type Sum } from './arithmetic';
import { itemOfSum } from './measure';
import { givenOf } from './problem';
import { manyProblems, skill } from './sample.test-helper';
import { skillOf } from '../../../skill';
import type { WordProblem } from './problem-shape';

/** How many of the smallest unit of its kind a unit has, from memory. */
const SIZES: Readonly<Record<string, number>> = {
  ...{ g: 1, kg: 1000, t: 1_000_000, ml: 1, l: 1000, mm: 1, cm: 10, m: 1000, km: 1_000_000 },
  ...{ p: 1, '£': 100, minute: 1, hour: 60, day: 1, week: 7 }
};

const sizeOf = (unit: string) => SIZES[unit] ?? 1;

/** Works a problem from its quantities and operations alone, in the smallest units; the answer in the unit asked. */
function solve({ quantities, operations, asked }: WordProblem, unitOf: (id: string) => string) {
  const known = new Map<string, Fraction>();
  for (const { id, value, unit } of quantities) {
    const [of = unit, per] = unit.split('/');
    const size = new Fraction(sizeOf(of)).div(per === undefined ? 1 : sizeOf(per));
    known.set(id, new Fraction(value).mul(size));
  }
  let left = new Fraction(0);
  for (const { id, operation, uses } of operations) {
    const [one, ...others] = uses.map((used) => known.get(used)!);
    const worked = others.reduce((sum, other) => {
      switch (operation) {
        case 'addition':
          return sum.add(other);
        case 'subtraction':
          return sum.sub(other);
        case 'multiplication':
          return sum.mul(other);
        case 'division':
          return sum.div(other);
      }
    }, one!);
    known.set(id, worked);
    if (operation === 'division') left = one!.sub(worked.floor().mul(others[0]!));
  }
  const unit = unitOf(asked);
  const [of = unit, per] = unit.split('/');
  const size = new Fraction(sizeOf(of)).div(per === undefined ? 1 : sizeOf(per));
  const whole = known.get(asked)!.div(size);
  switch (operations.at(-1)!.remainder ?? 'none') {
    case 'none':
      return whole.toFraction(false);
    case 'up':
      return whole.ceil().toFraction();
    case 'down':
      return whole.floor().toFraction();
    case 'left':
      return left.toFraction();
    case 'both':
      return `${whole.floor().toFraction()} and ${left.toFraction()} left`;
  }
}

const problems = manyProblems(1500, 23);

/** An answer as a fraction, with what is left behind it. */
function inFractions(answer: string): string {
  const [, left] = / and (\d+) left$/.exec(answer) ?? [];
  const number = /\d+ \d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?/.exec(answer)![0];
  return new Fraction(number).toFraction(false) + (left === undefined ? '' : ` and ${left} left`);
}

test('the key is what a solver apart finds from quantities and operations alone', () => {
  for (const problem of problems) {
    const given = givenOf(problem);
    const { answer } = analyseItem(skill, given);
    const unitOf = () => problem.plot.moves.at(-1)!.gives.unit;
    assert.equal(inFractions(answer), solve(given, unitOf), skill.given.print(given));
  }
});

test('the key earns all marks as a bare answer, with its unit, and the answer alone is enough', () => {
  for (const problem of problems.slice(0, 400)) {
    const item = new WorkedItem(skill, givenOf(problem), 'told');
    const { marks, flags } = markItem(item, { answer: item.answer });
    assert.equal(marks.awarded, marks.available, `${item.answer} ${skill.given.print(item.given)}`);
    assert.deepEqual(flags, []);
  }
});

test('a calculation is given to a skill exactly where that skill takes its numbers', () => {
  let taken = 0;
  const numbers = [1, 2, 3, 7, 9, 10, 11, 12, 13, 24, 60, 99, 100, 144, 700, 1250, 98_765];
  const decimals = [0.05, 0.25, 0.5, 1.2, 2.375, 3.6, 7.5, 12.25, 48.125];
  const all = [...numbers, ...decimals].map((number) => Math.round(number * 30_000));
  for (const operation of Object.keys(arithmetic) as Sum['operation'][]) {
    for (const one of all) {
      for (const other of all) {
        const sum: Sum = { operation, amounts: [one, other], notation: 'number' };
        // Whole numbers are divided with a remainder, though their quotient could be a decimal.
        if (operation === 'division' && [one, other].every((amount) => amount % 30_000 === 0))
          continue;
        const id = skillFor(sum);
        const takes = arithmetic[operation].filter((candidate) => {
          const { given } = skillOf(candidate);
          return given.from?.(operandsOf(sum)) !== undefined;
        });
        const line = operandsOf(sum).join(` ${operation} `);
        if (id) assert.ok(itemOfSum(skillOf(id), sum), `${id} ${line}`);
        else
          assert.deepEqual(
            takes.filter((one) => !one.startsWith('mixed')),
            [],
            line
          );
        if (id) taken++;
      }
    }
  }
  assert.ok(taken > 500, String(taken));
});
