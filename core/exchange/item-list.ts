import { writeText, type HouseStyle } from '../house-style';
import type { ItemFacts } from '../papers';
import { csvFile } from './csv';

/** An item of a list that is taken out, with what its skill calls itself and puts before an answer. */
export interface ListedItem {
  readonly skill: string;
  readonly answerSign: string;
  readonly facts: ItemFacts;
}

export interface ListOptions {
  readonly hasAnswers: boolean;
  readonly style: HouseStyle;
}

/** Items one a line, numbered, as the house writes numbers: `1. 4.5 + 0.36 = 4.86`. */
export function listAsText(
  items: readonly ListedItem[],
  { hasAnswers, style }: ListOptions
): string {
  const line = ({ answerSign, facts }: ListedItem, at: number) => {
    const item = writeText(facts.line, style);
    return `${at + 1}. ${item}${hasAnswers ? ` ${answerSign} ${writeText(facts.answer, style)}` : ''}\n`;
  };
  return items.map(line).join('');
}

/** Items as a table, with what is measured and predicted of each; features are named by their ids. */
export function listAsCsv(
  items: readonly ListedItem[],
  { hasAnswers, style }: ListOptions
): string {
  const answer = (text: string) => (hasAnswers ? [text] : []);
  const rows = items.map(({ skill, facts }, at) => [
    at + 1,
    skill,
    writeText(facts.line, style),
    ...answer(writeText(facts.answer, style)),
    facts.difficulty,
    facts.seconds,
    Object.entries(facts.features)
      .map(([id, value]) => `${id}=${Array.isArray(value) ? value.join(' ') : value}`)
      .join('; ')
  ]);
  const header = [
    'number',
    'skill',
    'item',
    ...answer('answer'),
    'difficulty',
    'seconds',
    'features'
  ];
  return csvFile([header, ...rows]);
}
