import type { Blueprint, BlueprintRow, Bounds } from '@zealous-quill/core/exams';
import type { Control, Controls } from '@zealous-quill/core/skill';
import { controlPhrase, controlText, signed } from '../controls/choices';
import { plural } from '../format';
import { difficultyWords } from './difficulty-choices';

/** What the skills and their features are called. */
export interface Names {
  skill(id: string): string;
  feature(skill: string, feature: string): string;
}

/** How the items of a row are presented, in the words of its fields. */
export const presentations = [
  ['set-out', 'set out in squares'],
  ['bare', 'answer only'],
  ['choice', 'choice of four'],
  ['show-working', 'show your working']
] as const;

/** Bounds as one says them: `3`, `2 or 3`, `2 to 5`, `at least 2`. */
export function boundsText({ min, max }: Bounds): string {
  if (min !== undefined && max !== undefined) {
    if (min === max) return signed(min);
    return max - min === 1 && Number.isInteger(min)
      ? `${signed(min)} or ${signed(max)}`
      : `${signed(min)} to ${signed(max)}`;
  }
  if (min !== undefined) return `at least ${signed(min)}`;
  return max === undefined ? 'any number of' : `at most ${signed(max)}`;
}

/** What a row asks for, in short: *2 or 3 parts of column addition, answer only*. */
export function rowHead(row: BlueprintRow, names: Names): string {
  const parts = row.parts ? boundsText(row.parts) : '';
  if (row.own) {
    const some = parts || '1';
    return `${some} ${some === '1' ? 'question' : 'questions'} of your own, ${plural(row.own.marks, 'mark')} each`;
  }
  const count = parts === '' ? 'Parts' : `${parts} ${/(^| )1$/.test(parts) ? 'part' : 'parts'}`;
  const presented = presentations.find(([kind]) => kind === row.kind)?.[1];
  const titles = row.skills.map((id) => names.skill(id).toLowerCase());
  return sentence(`${count} of ${titles.join(' or ')}, ${presented}`);
}

/** What else a row asks for, a line each. */
export function rowDetails(row: BlueprintRow, names: Names): string[] {
  const { section, marks, difficulty, question, cover, spread, own } = row;
  return [
    ...(own ? [] : row.skills.map((skill) => itemsText(row, skill, names))),
    [
      ...(own ? [plural(own.minutes, 'minute')] : []),
      ...(spread
        ? [
            `${names.feature(row.skills[0]!, spread.feature)}: ${spread.parts
              .map(({ control, count }) => `${count} with ${controlText(control as Control)}`)
              .join(', ')}`
          ]
        : []),
      ...(marks ? [`${boundsText(marks)} marks together`] : []),
      ...(difficulty ? [difficultyWords(difficulty)] : []),
      ...(cover ? ['each skill at least once'] : []),
      ...(question ? [`${question.parts} parts make a question`] : []),
      ...(section === undefined ? [] : [`in section ${section}`])
    ].join(' · ')
  ].filter(Boolean);
}

/** What the items of one skill of a row must have. */
function itemsText(row: BlueprintRow, skill: string, names: Names): string {
  const title = row.skills.length > 1 ? `${names.skill(skill)}: ` : '';
  return title + askedText(skill, (row.controls?.[skill] ?? {}) as Controls, names);
}

/** What some controls ask of the items of a skill: *digits 3, carries 1 to 3*. */
export const askedText = (skill: string, controls: Controls, names: Names): string =>
  Object.entries(controls)
    .map(([feature, control]) => controlPhrase(names.feature(skill, feature), control))
    .join(', ') || 'any items';

/** What a plan asks of the whole paper beside its marks and minutes. */
export function wholeWords({ difficulty, rising, step }: Blueprint): string[] {
  const bands = (['easy', 'middling', 'hard'] as const).flatMap((band) => {
    const bounds = difficulty?.[band];
    return bounds ? [`${boundsText(percent(bounds))} % of the marks ${band}`] : [];
  });
  return [
    ...(difficulty?.mean ? [`on average ${difficultyWords(difficulty.mean)}`] : []),
    ...bands,
    ...(rising ? ['questions rise in difficulty'] : []),
    ...(step === undefined ? [] : [`by at most ${step} at a time`])
  ];
}

const percent = ({ min, max }: Bounds): Bounds => ({
  min: min === undefined ? undefined : Math.round(min * 100),
  max: max === undefined ? undefined : Math.round(max * 100)
});

const sentence = (text: string) => text[0]!.toUpperCase() + text.slice(1);
