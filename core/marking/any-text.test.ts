import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { isTooLong, MOST_DIGITS } from '../numbers';
import { drawItems, WorkedItem, type Skill } from '../skill';
import { skills } from '../catalogue/all';
import { measureWork } from '../spaces';
import { ANSWER, printValue } from '../working';
import { markItem } from './mark-item';

/** Nothing that is written can stop the marking, or keep it busy. */

/** Work that marking one item may take, whatever is written: some tens of milliseconds on a usual machine. */
const MOST_WORK = 60_000;

const digits = (least: number, most: number) =>
  fc
    .array(fc.constantFrom(...'0123456789'), { minLength: least, maxLength: most })
    .map((all) => all.join(''));

/** What may be typed into a square, of 1 to 200 characters: numbers of every kind and length, algebra, and noise. */
const texts = fc.oneof(
  digits(1, MOST_DIGITS),
  digits(MOST_DIGITS, 200),
  fc.tuple(digits(1, 12), digits(1, 12)).map(([whole, decimals]) => `${whole}.${decimals}`),
  fc.tuple(digits(1, 20), digits(1, 20)).map(([top, bottom]) => `${top}/${bottom}`),
  fc
    .tuple(digits(1, 12), digits(1, 12), digits(1, 12))
    .map(([whole, top, bottom]) => `${whole} ${top}/${bottom}`),
  fc.tuple(digits(1, 24), digits(1, 24)).map(([whole, rest]) => `${whole} r ${rest}`),
  fc.tuple(digits(1, 24), digits(1, 24)).map(([one, other]) => `-${one}, ${other}`),
  fc
    .array(fc.constantFrom(...'0123456789x()+-*²³^/=., '), { minLength: 1, maxLength: 60 })
    .map((all) => all.join('')),
  fc.constantFrom(
    '0',
    '00',
    '-0',
    '0/1',
    '1/0',
    '0 0/0',
    '.',
    '-',
    'x',
    '()',
    '=',
    '= 0',
    '½',
    '∞'
  ),
  fc.string({ unit: 'binary', minLength: 1, maxLength: 200 })
);

/** Two items of a skill, an easy and a hard one, in each of its schools. */
function itemsOf(skill: Skill): WorkedItem[] {
  const rungs = [skill.ladder[2]!, skill.ladder.at(-1)!];
  return rungs.flatMap(({ controls }) => {
    const drawn = drawItems(skill, { controls, count: 1, seed: 1852 });
    assert.ok(drawn.ok);
    return Object.keys(skill.schools).map(
      (school) => new WorkedItem(skill, drawn.given[0], school)
    );
  });
}

for (const skill of skills) {
  test(`whatever is written at any step of ${skill.id} is marked, within bounded work`, () => {
    for (const item of itemsOf(skill)) {
      const right = Object.fromEntries(
        item.graph.steps.flatMap((step) => {
          const text = printValue(step, item.key.get(step.id));
          return text === undefined ? [] : [[step.id, text] as const];
        })
      );
      const mark = (working: Record<string, string>) => {
        const { value, units } = measureWork(() => markItem(item, working));
        assert.ok(units <= MOST_WORK, `${units} units for ${JSON.stringify(working)}`);
        return value;
      };
      for (const { id } of item.graph.steps) {
        fc.assert(
          fc.property(texts, (text) => {
            const { steps, answer } = mark({ [id]: text });
            mark({ ...right, [id]: text });
            if (!isTooLong(text)) return;
            const verdict = id === ANSWER ? answer.verdict : steps.find((step) => step.id === id);
            assert.match(JSON.stringify(verdict), /unreadable/);
          }),
          { numRuns: 6, seed: 1852, endOnFailure: true }
        );
      }
      const ids = item.graph.steps.map((step) => step.id);
      fc.assert(
        fc.property(fc.array(texts, { minLength: ids.length, maxLength: ids.length }), (all) => {
          mark(Object.fromEntries(ids.map((id, at) => [id, all[at]!])));
        }),
        { numRuns: 10, seed: 1852, endOnFailure: true }
      );
    }
  });

  test(`${skill.id} is marked where the largest values that can be read stand everywhere, or all but somewhere`, () => {
    for (const item of itemsOf(skill)) {
      const ids = item.graph.steps.map(({ id }) => id);
      for (const text of ['9'.repeat(MOST_DIGITS), `${'9'.repeat(12)}.${'9'.repeat(12)}`, '0']) {
        for (const left of ids) {
          markItem(
            item,
            Object.fromEntries(ids.flatMap((id) => (id === left ? [] : [[id, text]])))
          );
        }
      }
    }
  });
}
