import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { defaultHouseStyle } from '../house-style';
import { markItem } from '../marking';
import { skillOf, WorkedItem } from '../skill';
import { ANSWER } from '../working';
import { optionsOf } from './choice';
import { partScheme } from './mark-scheme';

/** Sums of mixed numbers, with the right answer in other forms: simplified wrongly, improper, a fraction of 1 and more. */
const sums: Readonly<Record<string, readonly string[]>> = {
  '2 5/6 + 11 1/3': ['14 3/18', '13 7/6', '85/6'],
  '1 3/8 + 2 1/8': ['3 4/8', '2 12/8', '7/2']
};
const words: Readonly<Record<string, string>> = {
  'not-simplified': 'not in its simplest form',
  improper: 'not written as a mixed number',
  'improper-part': 'its fraction is 1 or more'
};

test('a printed scheme says which forms of a fraction cost which mark, as the marking takes them', () => {
  const skill = skillOf('mixed-addition');
  const school = Object.keys(skill.schools)[0]!;
  for (const simplestForm of ['asked', 'open'] as const) {
    for (const fractionAnswers of ['mixed', 'either'] as const) {
      const style = { ...defaultHouseStyle, simplestForm, fractionAnswers };
      for (const [line, answers] of Object.entries(sums)) {
        const given = skill.given.parse(line)!;
        const scheme = skill.scheme(given, school, style);
        const said = partScheme({ skill: skill.id, school, given }, { scheme }, style);
        const item = new WorkedItem(skill, given, school);
        for (const answer of answers) {
          const { answer: read, marks } = markItem(item, { [ANSWER]: answer }, scheme);
          const lost = marks.lines.filter(({ awarded }) => awarded === 0).map(({ id }) => id);
          for (const id of lost) {
            const told = said.formCosts.find((one) => one.startsWith(`Do not award ${id} where`));
            assert.ok(told, `${answer} loses ${id} in ${simplestForm}, ${fractionAnswers}`);
            assert.ok(
              read.form.some((code) => told.includes(words[code]!)),
              `${told} names ${read.form}`
            );
            assert.match(said.accepted, new RegExp(`for all marks but.*${id}`));
          }
          if (lost.length === 0) {
            const named = said.formCosts.filter((one) =>
              read.form.some((code) => one.includes(words[code]!))
            );
            assert.deepEqual(named, [], `${answer} costs nothing`);
          }
        }
      }
    }
  }
});

test('of a choice the scheme gives the letter, and says nothing of how an answer may be written', () => {
  const skill = skillOf('column-addition');
  const given = skill.given.parse('487 + 365')!;
  const options = optionsOf(skill, given, 'columns', 3)!;
  const part = { skill: skill.id, school: 'columns', given };
  const scheme = skill.scheme(given, 'columns');
  const { accepted, lines } = partScheme(part, { scheme, options }, defaultHouseStyle);
  assert.equal(accepted, '');
  const letter = 'ABCD'[options.findIndex(({ by }) => by === 'answer')];
  assert.ok(lines.some(({ earns }) => earns.startsWith(`${letter}: 852`)));
});

test('the form of a fraction costs nothing in a question of one’s own, and the scheme says so', () => {
  const skill = skillOf('own-question');
  const given = {
    ...{ text: 'How much of it is left?', answerKind: 'fraction', answer: '1/2', unit: '' },
    ...{ marks: 2, minutes: 1, difficulty: 0, guidance: '' }
  };
  const scheme = skill.scheme(given, 'written');
  const part = { skill: skill.id, school: 'written', given };
  const { accepted, formCosts } = partScheme(part, { scheme }, defaultHouseStyle);
  const item = new WorkedItem(skill, given, 'written');
  assert.equal(markItem(item, { [ANSWER]: '4/8' }, scheme).marks.awarded, 2);
  assert.deepEqual([accepted, formCosts], ['Accept a fraction of the same value.', []]);
});
