import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, WorkedItem, Wanted } from '../../../skill';
import { ANSWER } from '../../../working';
import { meets } from '../../../skill/controls';
import { checkPatterns } from '../../../catalogue/skills.test-helper';
import {
  combinationsAsMeasured,
  countsAsMeasured,
  measured,
  ranksAsListed,
  specsOf
} from '../../../skill/space-checks.test-helper';
import type { Given } from '../../../methods/products/factors';
import { features, look } from './features';
import { items } from './space';

const skill = skillOf('short-multiplication');
const specs = specsOf(features);
const measure = (given: Given) => measured(features, look(given));
const all = Array.from({ length: 990 * 8 }, (_, at) => ({
  multiplicand: String(10 + (at >> 3)),
  multiplier: String(2 + (at & 7))
}));

test('features, pairs of them, combinations and ranks are those of the listed items to three digits', () => {
  const within = { digits: { min: 2, max: 3 } };
  countsAsMeasured({ specs, items: all, measure, within, space: items });
  const tables = { allow: new Set([3, 7]) };
  const wanted = new Wanted(specs, { ...within, tables });
  const allowed = all.filter((given) => meets(measure(given)['tables']!, tables));
  ranksAsListed(items(wanted), allowed, skill.given.print);
  combinationsAsMeasured(items(wanted), skill.decidingFeatures, allowed.map(measure));
});

test('features equal those read off the working; the product is BigInt’s', () => {
  for (const given of all) {
    const { graph, key } = new WorkedItem(skill, given, 'columns');
    assert.equal(key.get(ANSWER), BigInt(given.multiplicand) * BigInt(given.multiplier));
    const held = graph.steps.flatMap(({ id, kind }) =>
      kind === 'carry' ? [Number(key.get(id))] : []
    );
    const found = measure(given);
    assert.equal(found['carries'], held.filter((carry) => carry > 0).length);
    assert.equal(found['largestCarry'], Math.max(...held));
  }
});

/** Items with the wrong answer, `47x6 242, ...`; `=` where the pattern does not show. */
const lines = (text: string) =>
  text.split(', ').map((line) => line.split(' ') as [item: string, answer: string]);

test('error patterns answer as worked by hand, the examples of the catalogue first', () =>
  checkPatterns('short-multiplication', {
    'carry-dropped': lines('47x6 242, 38x4 122, 99x9 811, 12x4 =, 205x6 1200'),
    'total-written-whole': lines('47x6 2442, 38x4 1232, 12x4 =, 205x6 12030, 99x9 8181'),
    'carry-added-before-multiplying': lines('47x6 482, 38x4 242, 12x4 =, 205x6 1880, 15x2 40'),
    'zero-times-n-is-n': lines('406x3 1248, 205x6 1290, 40x5 205, 47x6 =, 100x7 777'),
    'only-ones-multiplied': lines('47x6 82, 406x3 418, 12x4 18, 99x9 171, 13x3 19'),
    'carry-and-digit-swapped': lines('47x6 264, 38x4 143, 12x4 =, 205x6 1203, 99x9 828')
  }));
