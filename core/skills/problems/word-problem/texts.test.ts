import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle, type HouseStyle } from '../../../house-style';
import { contextShape } from './context';
import { contextProblems } from './context-problems';
import { contexts } from './contexts';
import { namedIn } from './language';
import { lookAtPlot } from './look';
import { numbersKey, PlotNumbers } from './numbers';
import { isIn, isWithin, shapeOf, type Plot } from './plot';
import { manyProblems, skill, world } from './sample.test-helper';
import { textOf } from './text';

const problems = manyProblems(5000, 11);

test('there are twelve contexts, and nothing is wrong with any of them', () => {
  assert.equal(contexts.length, 12);
  for (const context of contexts) {
    assert.deepEqual(contextShape.parse(context), context);
    assert.deepEqual(contextProblems(context), [], context.id);
  }
});

/** Whether a plot has any numbers; those of many plots are the same. */
function hasNumbers(plot: Plot): boolean {
  const key = numbersKey(plot);
  const known = told.get(key) ?? new PlotNumbers(plot, () => true).counts().size > 0;
  told.set(key, known);
  return known;
}
const told = new Map<string, boolean>();

test('whatever a context can tell and ask for it tells in two ways at least, and of five situations', () => {
  for (const context of contexts) {
    const plots = world.plots.filter(
      (plot) => plot.context === context && plot.moves.length === 1 && hasNumbers(plot)
    );
    const tellings = new Map<string, Set<string>>();
    for (const { moves, telling } of plots) {
      const asked = `${moves[0]!.situation} ${moves[0]!.role}`;
      tellings.set(asked, (tellings.get(asked) ?? new Set()).add(String(telling)));
    }
    for (const [asked, ways] of tellings) {
      assert.ok(ways.size >= 2, `${context.id} ${asked}`);
    }
    const found = new Set(plots.map(({ moves }) => moves[0]!.situation));
    assert.ok(found.size >= 5, `${context.id} tells ${found.size} situations`);
  }
});

/** Numbers as they stand in a text: a number with its fraction is one. */
const numbersIn = (text: string): string[] =>
  text.match(/\d+ \d+\/\d+|\d+\/\d+|\d[\d\u202f]*(?:\.\d+)?/g) ?? [];

test('5,000 texts: every number once and no other, no slot left, no wrong plural or article', () => {
  for (const problem of problems) {
    const { plot, beside } = problem;
    const text = textOf(problem, defaultHouseStyle);
    const given = skill.given.parse(text) as { quantities: { value: string; told: string }[] };
    assert.ok(given, text);
    const told = given.quantities.filter((one) => one.told === 'number');
    const plain = (numeral: string) => numeral.replaceAll('\u202f', '');
    assert.deepEqual(
      numbersIn(text).map(plain).sort(),
      told.map(({ value }) => value).sort(),
      text
    );
    assert.doesNotMatch(text, /[{}#]|undefined|NaN| {2}/, text);
    assert.doesNotMatch(text, /\ba [aeiou]\w+|\ban (?!hour)[^aeiou\d]/i, text);
    for (const [one, many] of Object.values(plot.context.things)) {
      if (one === many) continue;
      assert.ok(!new RegExp(`(?<![\\d./])1 ${many}\\b`).test(text), text);
      assert.ok(!new RegExp(`\\b(?!1\\b|1/)\\d[\\d.]* ${one}(?!\\w| ?plant)\\b`).test(text), text);
    }
    const sentences = text.split(/(?<=[.?]) (?=\S)/);
    assert.ok(sentences.length >= 2 && sentences.length <= 9, text);
    assert.ok(sentences.length - beside.length <= 7, text);
    assert.equal(new Set(sentences).size, sentences.length, text);
    assert.ok(
      sentences.every((sentence) => /^[\p{Lu}\d£]/u.test(sentence)),
      text
    );
    assert.ok(text.endsWith('?') && text.split('?').length === 2, text);
    assert.equal(
      lookAtPlot(
        plot,
        beside.map(({ id }) => id)
      ).words,
      wordCount(text),
      text
    );
  }
});

const wordCount = (text: string) => text.replaceAll(/(\d+) (\d+\/\d+)/g, '$2').split(' ').length;

test('no quantity lies outside its range, neither told nor found', () => {
  for (const { plot, amounts, worked } of problems) {
    for (const told of plot.told) assert.ok(isIn(amounts[told.id]!, told), told.id);
    for (const { move, value } of worked) assert.ok(isWithin(value, move.gives), plot.key);
  }
});

test('a problem reads the same whenever it is told, and differently in an American house', () => {
  const american: HouseStyle = { ...defaultHouseStyle, spelling: 'american' };
  const commas: HouseStyle = { ...defaultHouseStyle, decimalMark: 'comma' };
  let other = 0;
  for (const problem of problems.slice(0, 1500)) {
    const text = textOf(problem, defaultHouseStyle);
    assert.equal(textOf(problem, defaultHouseStyle), text);
    if (textOf(problem, american) !== text) other++;
    assert.equal(textOf(problem, commas).replaceAll(/(?<=\d),(?=\d)/g, '.'), text);
  }
  assert.ok(other > 0, 'no text has a word that is spelled otherwise');
});

test('words that tell what to do are those of the published kind', () => {
  const cases: readonly (readonly [string, string])[] = [
    ['Bo has 5 fewer eggs than Ada.', 'subtraction'],
    ['The lion is 3 kg heavier than the cross.', 'addition'],
    ['Bo has twice as many eggs.', 'multiplication'],
    ['The eggs are shared among 4 nests.', 'division'],
    ['How many are there altogether?', 'addition'],
    ['How much is left?', 'subtraction'],
    ['Each box holds 12 eggs.', 'multiplication'],
    ['A box holds 12 eggs.', '']
  ];
  for (const [text, operation] of cases) assert.equal(namedIn(text).join(), operation, text);
});

test('tellings are counted from 1 within context, situations and what is asked', () => {
  const seen = new Map<string, Set<number>>();
  for (const { context, moves, telling } of world.plots) {
    const key = `${context.id} ${shapeOf(moves)}`;
    seen.set(key, (seen.get(key) ?? new Set()).add(telling));
  }
  for (const tellings of seen.values()) assert.equal(Math.max(...tellings), tellings.size);
});
