import { writeNumeral, type HouseStyle } from '../../../house-style';
import { ANSWER, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import type { Given } from './operands';

export const words: SkillWords<Given> = {
  title: 'Subtracting near a multiple',
  example: '532 - 298',
  howToType: 'Write two whole numbers of up to 6 digits with - between them, the larger first.',
  features: {
    digits: { title: 'Digits', meaning: 'digits of the start' },
    changeDigits: { title: 'Digits of the change', meaning: 'digits of what is taken away' },
    base: { title: 'Base', meaning: 'the change is worked from a multiple of this' },
    offset: { title: 'Offset', meaning: 'the change less that multiple' },
    suited: {
      title: 'Suited',
      meaning: 'the change is near the multiple, so that the strategy pays'
    }
  },
  errorPatterns: {
    'compensated-wrong-way': {
      title: 'Compensated the wrong way',
      reading: 'What was too much is taken away again.'
    },
    'compensation-forgotten': {
      title: 'Compensation forgotten',
      reading: 'The multiple is taken away and that is all.'
    }
  },
  prompt: ({ start, change }, style) =>
    `Work out ${writeNumeral(start, style)} − ${writeNumeral(change, style)} in your head.`,
  label,
  explain
};

function label(step: Step): string {
  return {
    multiple: 'Multiple',
    difference: 'Difference',
    adjustment: 'Adjustment',
    [ANSWER]: 'Answer'
  }[step.id]!;
}

function explain({ start, change }: Given, step: Step, values: Values, style: HouseStyle): string {
  const write = (value: unknown) => writeNumeral(String(value), style).replace('-', '−');
  const value = values.get(step.id);
  switch (step.id) {
    case 'multiple':
      return `Take away ${write(value)} instead of ${write(change)}.`;
    case 'difference':
      return `${write(start)} − ${write(values.get('multiple'))} = ${write(value)}.`;
    case 'adjustment':
      return Number(value) > 0
        ? `That was ${write(value)} too much: add ${write(value)}.`
        : `That was ${write(-Number(value))} too little: take away ${write(-Number(value))} more.`;
    default:
      return `So ${write(start)} − ${write(change)} = ${write(value)}.`;
  }
}
