import { placeName, writeNumeral, type HouseStyle } from '../../../house-style';
import { ANSWER, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import { factorsOf, type Given } from './operands';

export const words: SkillWords<Given> = {
  title: 'Long multiplication',
  example: '47 x 36',
  howToType: 'Write a number of 2 to 4 digits, x, and a number of 2 or 3 digits.',
  features: {
    digits: { title: 'Digits', meaning: 'digits of the multiplicand' },
    multiplierDigits: { title: 'Digits of the multiplier', meaning: 'digits of the multiplier' },
    carries: {
      title: 'Carries',
      meaning: 'columns of the rows whose carry is held and then added'
    },
    largestCarry: {
      title: 'Largest carry',
      meaning: 'the largest of the held carries, 0 if there is none'
    },
    additionCarries: { title: 'Carries when adding', meaning: 'carries when the rows are added' },
    zeros: { title: 'Zeros', meaning: 'zero digits of the multiplicand' },
    multiplierZeros: { title: 'Zeros of the multiplier', meaning: 'zero digits of the multiplier' },
    tables: { title: 'Tables', meaning: 'each pair of digits has a member among these tables' }
  },
  errorPatterns: {
    'placeholder-missing': {
      title: 'Placeholder missing',
      reading: 'Every row starts in the ones.'
    },
    'carry-dropped': { title: 'Carry dropped', reading: 'The carries of the rows are ignored.' },
    'carry-added-before-multiplying': {
      title: 'Carry added before multiplying',
      reading: 'The carry is added to the next digit, and the sum is multiplied.'
    },
    'old-carries-reused': {
      title: 'Old carries reused',
      reading: 'The carries of the first row are added in later rows as well.'
    },
    'digit-by-digit-only': {
      title: 'Digit by digit only',
      reading: 'Ones are multiplied by ones and tens by tens, and that is all.'
    },
    'zero-times-n-is-n': {
      title: 'Zero times n is n',
      reading: 'A digit times 0 is taken to be the digit.'
    },
    'rows-not-added': { title: 'Rows not added', reading: 'The last row is given as the answer.' }
  },
  prompt: ({ multiplicand, multiplier }, style) =>
    `Work out ${writeNumeral(multiplicand, style)} × ${writeNumeral(multiplier, style)}.`,
  label,
  explain
};

function label(step: Step, style: HouseStyle): string {
  if (step.id === ANSWER) return 'Answer';
  const place = placeName(step.place!, style);
  const [, row] = step.id.split('.');
  switch (step.kind) {
    case 'placeholder':
      return `Placeholder of row ${Number(row) + 1} in the ${place}`;
    case 'digit':
      return `Row ${Number(row) + 1}, ${place}`;
    case 'carry':
      return `Row ${Number(row) + 1}, carry into the ${place}`;
    case 'sum':
      return `Sum, ${place}`;
    default:
      return `Sum, carry into the ${place}`;
  }
}

function explain(given: Given, step: Step, values: Values, style: HouseStyle): string {
  const value = values.get(step.id);
  if (step.id === ANSWER) return `The product is ${writeNumeral(String(value), style)}.`;
  const { multiplicand, multiplier } = factorsOf(given);
  const place = placeName(step.place!, style);
  const row = Number(step.id.split('.')[1]);
  switch (step.kind) {
    case 'placeholder':
      return `Row ${row + 1} multiplies by ${multiplier[row]} ${placeName(row, style)}: a 0 holds the ${place}.`;
    case 'digit': {
      const column = step.place! - row;
      if (column === multiplicand.length) return `Write ${value} in the ${place}.`;
      const carry = values.get(`row.${row}.carry.${step.place}`);
      const held = carry ? ` + ${carry}` : '';
      const total = multiplicand[column]! * multiplier[row]! + Number(carry ?? 0);
      return `${multiplicand[column]} × ${multiplier[row]}${held} = ${total}. Write ${value}.`;
    }
    case 'carry':
      return `Hold ${value} for the ${place}.`;
    case 'sum':
      return `Add the ${place} of the rows: write ${value}.`;
    default:
      return `Carry ${value} to the ${place}.`;
  }
}
