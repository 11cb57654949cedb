import { placeName, writeNumeral, type HouseStyle } from '../../../house-style';
import { ANSWER, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import { addendDigits, columnsOf, type Given } from './columns';

export const words: SkillWords<Given> = {
  title: 'Column addition',
  example: '4876 + 365',
  howToType: 'Write two to six whole numbers of up to 12 digits with + between them.',
  features: {
    addends: { title: 'Addends', meaning: 'how many numbers are added' },
    digits: { title: 'Digits', meaning: 'digits of the longest addend' },
    shortest: { title: 'Shortest', meaning: 'digits of the shortest addend' },
    carries: { title: 'Carries', meaning: 'columns whose total is ten or more' },
    ripples: { title: 'Ripples', meaning: 'columns that carry only because a carry came in' },
    longestRun: { title: 'Longest run', meaning: 'most carrying columns in a row' },
    largestCarry: { title: 'Largest carry', meaning: 'the largest carry, 0 if there is none' },
    newColumn: { title: 'New column', meaning: 'the sum is longer than the longest addend' },
    zeros: { title: 'Zeros', meaning: 'zero digits in the addends' },
    answerZeros: { title: 'Zeros in the sum', meaning: 'zero digits in the sum' }
  },
  errorPatterns: {
    'carry-dropped': {
      title: 'Carry dropped',
      reading: 'Every carry is ignored; the leftmost total is written whole.'
    },
    'total-written-whole': {
      title: 'Total written whole',
      reading: 'Each column’s own total is written whole and nothing is carried.'
    },
    'carry-and-digit-swapped': {
      title: 'Carry and digit swapped',
      reading: 'The tens of a total are written down and its ones are carried.'
    },
    'left-to-right': {
      title: 'Left to right',
      reading: 'Starts at the left and passes each ten to the column on the right.'
    },
    'aligned-left': {
      title: 'Aligned left',
      reading: 'Numbers of unequal length are lined up at the left.'
    },
    'last-carry-dropped': {
      title: 'Last carry dropped',
      reading: 'Only the carry out of the leftmost column is lost.'
    },
    'lone-digit-dropped': {
      title: 'Lone digit dropped',
      reading: 'Stops where only one number has a digit left.'
    }
  },
  prompt: ({ addends }, style) =>
    `Work out ${addends.map((numeral) => writeNumeral(numeral, style)).join(' + ')}.`,
  label,
  explain
};

function label(step: Step, style: HouseStyle): string {
  if (step.id === ANSWER) return 'Answer';
  const place = placeName(step.place!, style);
  return step.kind === 'carry' ? `Carry into the ${place}` : `Digit of the ${place}`;
}

function explain(given: Given, step: Step, values: Values, style: HouseStyle): string {
  if (step.id === ANSWER) return `The sum is ${writeNumeral(String(values.get(ANSWER)), style)}.`;
  const columns = columnsOf(addendDigits(given, 10));
  const place = step.place!;
  if (step.kind === 'carry') return explainCarry(place, values, style);
  if (place === columns.length) return `Write the carried ${values.get(step.id)} in a new column.`;
  const carry = values.get(`carry.${place}`) ?? 0n;
  const terms = [...columns[place]!.map(String), ...(carry === 0n ? [] : [`${carry} carried`])];
  const sum = columns[place]!.reduce(
    (total, digit) => total + BigInt(digit),
    BigInt(String(carry))
  );
  const name = capital(placeName(place, style));
  if (terms.length === 1) return `${name}: bring down ${sum}.`;
  const write = sum >= 10n ? ` Write ${values.get(step.id)}.` : '';
  return `${name}: ${terms.join(' + ')} = ${sum}.${write}`;
}

function explainCarry(place: number, values: Values, style: HouseStyle): string {
  const carry = values.get(`carry.${place}`);
  const from = placeName(place - 1, style);
  const to = placeName(place, style);
  switch (style.takingTen) {
    case 'regroup':
      return `Regroup ${carry}0 ${from} as ${carry} in the ${to}.`;
    case 'exchange':
      return `Exchange ${carry}0 ${from} for ${carry} in the ${to}.`;
    case 'borrow':
      return `Carry ${carry} to the ${to}.`;
  }
}

function capital(text: string): string {
  return text[0]!.toUpperCase() + text.slice(1);
}
