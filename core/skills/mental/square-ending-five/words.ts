import { writeNumeral, type HouseStyle } from '../../../house-style';
import { ANSWER, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import { headOf, type Given } from './operands';

export const words: SkillWords<Given> = {
  title: 'Squaring a number that ends in 5',
  example: '65²',
  howToType: 'Write a whole number of 2 to 4 digits that ends in 5, with ² or ^2 after it.',
  features: { digits: { title: 'Digits', meaning: 'digits of the number' } },
  errorPatterns: {
    'head-squared': {
      title: 'Head squared',
      reading: 'What stands before the 5 is multiplied by itself, not by the next number.'
    },
    'doubled-for-squared': {
      title: 'Doubled for squared',
      reading: 'The number is taken twice.'
    }
  },
  prompt: ({ number }, style) => `Work out ${writeNumeral(number, style)}² in your head.`,
  label,
  explain
};

function label(step: Step): string {
  return { next: 'Next number', product: 'Product', [ANSWER]: 'Square' }[step.id]!;
}

function explain(given: Given, step: Step, values: Values, style: HouseStyle): string {
  const write = (value: unknown) => writeNumeral(String(value), style);
  const value = write(values.get(step.id));
  switch (step.id) {
    case 'next':
      return `Before the 5 stands ${write(headOf(given))}. The next number is ${value}.`;
    case 'product':
      return `${write(headOf(given))} × ${write(values.get('next'))} = ${value}.`;
    default:
      return `Put 25 after it: ${write(given.number)}² = ${value}.`;
  }
}
