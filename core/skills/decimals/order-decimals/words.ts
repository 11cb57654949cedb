import { writeText, type HouseStyle } from '../../../house-style';
import { ANSWER, printValue, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import type { Given } from './numbers';

export const words: SkillWords<Given> = {
  title: 'Ordering decimals',
  example: '0.5, 0.45, 0.406, 0.61 ascending',
  gives: '→',
  howToType:
    'Write 3 to 8 different numbers below 100 with commas between them, then ascending or descending.',
  features: {
    count: { title: 'Numbers', meaning: 'how many there are to order' },
    maxPlaces: { title: 'Most places', meaning: 'decimal places of the longest number' },
    raggedness: { title: 'Raggedness', meaning: 'most places less fewest' },
    integers: { title: 'Whole numbers', meaning: 'how many have no decimal places' },
    sharedPrefix: {
      title: 'Shared digits',
      meaning: 'most equal leading decimal digits of two neighbours in order'
    },
    longerTraps: {
      title: 'Longer traps',
      meaning: 'pairs where the longer number is the smaller'
    },
    shorterTraps: {
      title: 'Shorter traps',
      meaning: 'pairs where the shorter number is the smaller'
    },
    zeroTraps: { title: 'Zero traps', meaning: 'numbers whose first decimal digit is 0' }
  },
  errorPatterns: {
    'longer-is-larger': {
      title: 'Longer is larger',
      reading: 'More decimal places are taken for a larger number.'
    },
    'shorter-is-larger': {
      title: 'Shorter is larger',
      reading: 'More decimal places are taken for a smaller number.'
    },
    'zero-rule': {
      title: 'Zero makes it smallest',
      reading: 'A 0 right after the point makes a number the smallest; else longer is larger.'
    },
    'zeros-ignored': {
      title: 'Zeros ignored',
      reading: 'Zeros right after the point are not seen.'
    },
    'opposite-order': {
      title: 'Opposite order',
      reading: 'The numbers are put in the opposite order.'
    },
    'whole-part-ignored': {
      title: 'Whole part ignored',
      reading: 'Only what stands after the point is compared.'
    }
  },
  prompt: ({ numbers, order }, style) =>
    `Write in order, ${order === 'ascending' ? 'smallest' : 'largest'} first: ${writeText(numbers.join(', '), style)}.`,
  label,
  explain
};

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

function label(step: Step): string {
  const which = `${ORDINALS[step.place ?? 0]} number`;
  return { padded: `Padded ${which}`, rank: `Rank of the ${which}`, [ANSWER]: 'Order' }[step.kind]!;
}

function explain({ numbers, order }: Given, step: Step, values: Values, style: HouseStyle): string {
  const value = writeText(printValue(step, values.get(step.id))!, style);
  const number = writeText(numbers[step.place ?? 0]!, style);
  switch (step.kind) {
    case 'padded':
      return number === value ? `${number} stays as it is.` : `${number} is ${value}.`;
    case 'rank': {
      const which = order === 'ascending' ? 'smallest' : 'largest';
      const place = value === '1' ? '' : `${ORDINALS[Number(value) - 1]} `;
      return `${number} is the ${place}${which}: ${value}.`;
    }
    default:
      return `In order: ${value}.`;
  }
}
