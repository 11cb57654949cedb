import { ANSWER, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import type { Given, Operand } from './operands';
import { hasUnlikeDenominators } from './working';

export function printOperand({ whole, numerator, denominator }: Operand): string {
  if (numerator === 0) return String(whole);
  return `${whole > 0 ? `${whole} ` : ''}${numerator}/${denominator}`;
}

export const words: SkillWords<Given> = {
  title: 'Mixed-number subtraction',
  example: '6 2/9 - 3 7/9',
  howToType:
    'Write two mixed numbers like 6 2/9 with - between them, the larger first; fractions proper, in lowest terms.',
  schools: {
    regroup: 'Column with regrouping',
    improper: 'Improper fractions',
    parts: 'Parts apart'
  },
  features: {
    relation: { title: 'Denominators', meaning: 'how the two denominators stand to each other' },
    commonDenominator: { title: 'Common denominator', meaning: 'the least one' },
    regroups: { title: 'Regroups', meaning: 'the fraction above is too small' },
    simplifies: { title: 'Simplifies', meaning: 'the fraction of the answer can be cancelled' },
    wholeMinuend: { title: 'Whole minuend', meaning: 'the minuend has no fraction part' },
    fractionOnly: { title: 'Fraction only', meaning: 'one of the numbers has no whole part' },
    wholeVanishes: { title: 'Whole vanishes', meaning: 'the answer is below 1' }
  },
  errorPatterns: {
    'numerators-switched': {
      title: 'Numerators switched',
      reading: 'The smaller numerator is taken from the larger, whichever is above.'
    },
    'regroup-adds-ten': {
      title: 'Regrouping adds ten',
      reading: 'A whole is taken apart into ten pieces, whatever the denominator.'
    },
    'regroup-replaces': {
      title: 'Regrouping replaces',
      reading: 'The pieces of the whole stand instead of the numerator and are not added to it.'
    },
    'whole-not-reduced': {
      title: 'Whole not reduced',
      reading: 'A whole is taken apart, but the whole part stays as it was.'
    },
    'denominators-combined': {
      title: 'Denominators combined',
      reading: 'Numerators and denominators are both subtracted, the smaller from the larger.'
    },
    'unlike-denominators-ignored': {
      title: 'Unlike denominators ignored',
      reading: 'The numerators are subtracted as they are, over the minuend’s denominator.'
    },
    'fraction-dropped': {
      title: 'Fraction dropped',
      reading: 'After regrouping only the whole numbers are answered.'
    }
  },
  prompt: ({ minuend, subtrahend }) =>
    `Work out ${printOperand(minuend)} − ${printOperand(subtrahend)} in its simplest form.`,
  label,
  explain
};

const LABELS: Readonly<Record<string, string>> = {
  'common.denominator': 'Common denominator',
  'common.minuend': 'Numerator above',
  'common.subtrahend': 'Numerator below',
  'regroup.whole': 'Whole after regrouping',
  'regroup.numerator': 'Numerator after regrouping',
  'improper.minuend': 'Improper numerator above',
  'improper.subtrahend': 'Improper numerator below',
  'improper.difference': 'Difference of numerators',
  'fraction.numerator': 'Numerator of the difference',
  whole: 'Whole of the difference',
  combined: 'Put together',
  'simplified.numerator': 'Numerator simplified',
  'simplified.denominator': 'Denominator simplified',
  [ANSWER]: 'Answer'
};

function label(step: Step): string {
  return LABELS[step.id]!;
}

function expanded({ numerator, denominator }: Operand, top: string, bottom: string): string {
  return String(denominator) === bottom
    ? `${top}/${bottom} stays as it is.`
    : `${numerator}/${denominator} = ${top}/${bottom}.`;
}

const TAKING = { regroup: 'Regroup', exchange: 'Exchange', borrow: 'Borrow' } as const;

function explain(
  given: Given,
  step: Step,
  values: Values,
  { takingTen }: { takingTen: keyof typeof TAKING }
): string {
  const show = (id: string) => step.reading.print(values.get(id)!).replace('-', '−');
  const value = show(step.id);
  const { minuend, subtrahend } = given;
  const bottom = String(values.get('common.denominator'));
  switch (step.id) {
    case 'common.denominator':
      return `${minuend.denominator} and ${subtrahend.denominator} both go into ${value}.`;
    case 'common.minuend':
      return expanded(minuend, value, bottom);
    case 'common.subtrahend':
      return expanded(subtrahend, value, bottom);
    case 'regroup.whole':
      return `${show('common.minuend')}/${bottom} is too small. ${TAKING[takingTen]} one whole: ${minuend.whole} becomes ${value}.`;
    case 'regroup.numerator':
      return `One whole is ${bottom}/${bottom}: ${show('common.minuend')} + ${bottom} = ${value}.`;
    case 'improper.minuend':
      return `${minuend.whole} × ${bottom} + ${show('common.minuend')} = ${value}.`;
    case 'improper.subtrahend':
      return `${subtrahend.whole} × ${bottom} + ${show('common.subtrahend')} = ${value}.`;
    case 'improper.difference':
      return `${show('improper.minuend')} − ${show('improper.subtrahend')} = ${value}, over ${bottom}.`;
    case 'fraction.numerator': {
      const top = show(values.has('regroup.numerator') ? 'regroup.numerator' : 'common.minuend');
      return `Fractions: ${top} − ${show('common.subtrahend')} = ${value}, over ${bottom}.`;
    }
    case 'whole': {
      const top = values.has('regroup.whole') ? show('regroup.whole') : minuend.whole;
      return `Wholes: ${top} − ${subtrahend.whole} = ${value}.`;
    }
    case 'combined':
      return `Put together that is ${value}.`;
    case 'simplified.numerator':
      return `Cancel the fraction: the numerator becomes ${value} …`;
    case 'simplified.denominator':
      return `… and the denominator ${value}.`;
    default:
      return hasUnlikeDenominators(given)
        ? `So the answer is ${value}.`
        : `${printOperand(minuend)} − ${printOperand(subtrahend)} = ${value}.`;
  }
}
