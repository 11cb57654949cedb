import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../catalogue/all';
import { difficultyOf, skillOf } from '../skill';
import { skills } from '../catalogue/all';
import { inWords, quickSheets, readOut } from '.';

const ones: Readonly<Record<string, number>> = Object.fromEntries(
  Array.from({ length: 20 }, (_, number) => [inWords(number), number])
);
const tens: Readonly<Record<string, number>> = Object.fromEntries(
  [20, 30, 40, 50, 60, 70, 80, 90].map((number) => [inWords(number), number])
);

/** A number from its words, read from the left by a listener who knows the scale words. */
function heard(words: string): number {
  let [total, group] = [0, 0];
  for (const word of words.split(/[ -]/)) {
    if (word === 'and') continue;
    if (word === 'hundred') group *= 100;
    else if (word === 'thousand' || word === 'million') {
      total += group * (word === 'thousand' ? 1000 : 1_000_000);
      group = 0;
    } else group += ones[word] ?? tens[word]!;
  }
  return total + group;
}

test('a number in words is heard again as the number', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 999_999_999 }), (number) => {
      assert.equal(heard(inWords(number)), number, inWords(number));
    }),
    { seed: 7 }
  );
  assert.equal(inWords(198), 'one hundred and ninety-eight');
  assert.equal(inWords(12_005), 'twelve thousand and five');
  assert.equal(inWords(100_000), 'one hundred thousand');
  assert.throws(() => inWords(-1), RangeError);
  assert.throws(() => inWords(1.5), RangeError);
});

test('items are read out with their signs', () => {
  assert.equal(readOut('198 + 57'), 'one hundred and ninety-eight plus fifty-seven');
  assert.equal(readOut('1000 - 305'), 'one thousand take away three hundred and five');
  assert.equal(readOut('65²'), 'sixty-five squared');
  assert.equal(readOut('∛1331'), 'the cube root of one thousand three hundred and thirty-one');
  assert.equal(readOut('37 + __ = 100'), 'thirty-seven plus what equals one hundred');
  assert.equal(readOut('3.14 x 2'), 'three point one four times two');
  for (const skill of skills.filter(({ family }) => family === 'mental')) {
    assert.match(readOut(skill.example), /^[a-z -]+$/, skill.id);
  }
});

test('sheets are as hard in every place, no item stands twice, and a seed gives the same again', () => {
  for (const id of ['near-multiple-addition', 'complement', 'repunit-multiplication']) {
    const skill = skillOf(id);
    const { controls } = skill.ladder[3]!;
    const asked = { controls, count: 24, sets: 3, seed: 5 };
    const sheets = quickSheets(skill, asked)!;
    assert.equal(sheets.repeated, 0, id);
    const difficulties = sheets.sets.map((set) =>
      set.map(({ line }) =>
        difficultyOf(skill.weights, skill.measure(skill.given.parse(line.replaceAll(' ', ''))!))
      )
    );
    for (const other of difficulties.slice(1)) assert.deepEqual(other, difficulties[0], id);
    const lines = sheets.sets.flat().map(({ line }) => line);
    assert.equal(new Set(lines).size, 72, id);
    assert.deepEqual(quickSheets(skill, asked), sheets);
  }
});

test('where there are fewer items than asked for, all there are stand on the sheet; none, and there is no sheet', () => {
  const skill = skillOf('reversed-pair');
  const few = quickSheets(skill, { controls: { digitSum: 5 }, count: 20, sets: 2, seed: 1 })!;
  assert.equal(few.sets[0]!.length, 2);
  assert.equal(few.repeated, 2);
  const none = { controls: { digitSum: 5, crosses: true }, count: 20, sets: 1, seed: 1 };
  assert.equal(quickSheets(skill, none), undefined);
});
