import { placeName, writeNumeral, type HouseStyle } from '../../../house-style';
import { ANSWER, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import { columnsOf, type Given } from './operands';

export const words: SkillWords<Given> = {
  title: 'Column subtraction',
  example: '503 - 187',
  howToType: 'Write two whole numbers of up to 12 digits with - between them, the larger first.',
  schools: { decomposition: 'Decomposition', 'equal-additions': 'Equal additions' },
  features: {
    digits: { title: 'Digits', meaning: 'digits of the minuend' },
    shortest: { title: 'Shortest', meaning: 'digits of the subtrahend' },
    regroupings: {
      title: 'Regroupings',
      meaning: 'columns where a ten must be taken from the left'
    },
    acrossZeros: {
      title: 'Across zeros',
      meaning: 'most zeros directly to the left of a column that regroups'
    },
    longestRun: { title: 'Longest run', meaning: 'most regrouping columns in a row' },
    zeros: { title: 'Zeros', meaning: 'zero digits in the minuend' },
    lostColumns: {
      title: 'Lost columns',
      meaning: 'how many digits fewer the difference has than the minuend'
    }
  },
  errorPatterns: {
    'smaller-from-larger': {
      title: 'Smaller from larger',
      reading: 'In each column the smaller digit is taken from the larger.'
    },
    'no-decrement': {
      title: 'Neighbour not reduced',
      reading: 'Takes a ten but never reduces the neighbour.'
    },
    'stops-at-zero': {
      title: 'Stops at zero',
      reading: 'The adjacent zero becomes 9 and nothing further left changes.'
    },
    'skips-zero': {
      title: 'Skips zero',
      reading: 'Takes from the first digit beyond that is not 0 and leaves the zero 0.'
    },
    'zero-minus-n-is-n': {
      title: 'Zero minus n is n',
      reading: 'Under a printed 0 the digit is copied.'
    },
    'zero-minus-n-is-zero': {
      title: 'Zero minus n is zero',
      reading: 'Under a printed 0 the answer is 0.'
    },
    'always-regroups': {
      title: 'Always regroups',
      reading: 'Every column but the leftmost gets ten from its neighbour, needed or not.'
    },
    'aligned-left': {
      title: 'Aligned left',
      reading: 'Numbers of unequal length are lined up at the left.'
    },
    'adds-instead': { title: 'Adds instead', reading: 'The numbers are added.' }
  },
  prompt: ({ minuend, subtrahend }, style) =>
    `Work out ${writeNumeral(minuend, style)} − ${writeNumeral(subtrahend, style)}.`,
  label,
  explain
};

function label(step: Step, style: HouseStyle): string {
  if (step.id === ANSWER) return 'Answer';
  const place = placeName(step.place!, style);
  switch (step.kind) {
    case 'rewritten':
      return `Rewritten ${place}`;
    case 'raised':
      return `Ten more above in the ${place}`;
    case 'increased':
      return `One more below in the ${place}`;
    default:
      return `Digit of the ${place}`;
  }
}

function explain(given: Given, step: Step, values: Values, style: HouseStyle): string {
  const value = values.get(step.id);
  if (step.id === ANSWER) return `The difference is ${writeNumeral(String(value), style)}.`;
  const p = step.place!;
  const place = placeName(p, style);
  const { top, bottom } = columnsOf(given);
  switch (step.kind) {
    case 'rewritten':
      return Number(value) >= 10
        ? `${takeTen(style)} a ten for the ${place}: ${value} stand there now.`
        : `One was taken from the ${place}: ${value} stand there now.`;
    case 'raised':
      return `Add ten to the ${place} above: ${value}.`;
    case 'increased':
      return `Add one to the ${place} below to keep the difference: ${value}.`;
    default: {
      const above = values.get(`rewritten.${p}`) ?? values.get(`raised.${p}`) ?? top[p];
      const below = values.get(`increased.${p}`) ?? bottom[p];
      return `${place[0]!.toUpperCase()}${place.slice(1)}: ${above} − ${below} = ${value}.`;
    }
  }
}

function takeTen(style: HouseStyle): string {
  return { regroup: 'Regroup', exchange: 'Exchange', borrow: 'Borrow' }[style.takingTen];
}
