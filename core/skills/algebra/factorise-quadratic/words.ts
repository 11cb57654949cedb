import { writeText, type HouseStyle } from '../../../house-style';
import { ANSWER, printValue, type Step, type Values } from '../../../working';
import type { SkillWords } from '../../skill';
import { printQuadratic } from './layout';
import { isFactorable, type Given } from './quadratic';

const METHODS = {
  'product-and-sum': 'Product and sum',
  'area-grid': 'Area grid',
  'cross-trial': 'Cross trial',
  grouping: 'Grouping'
};

export const words: SkillWords<Given> = {
  title: 'Factorising quadratics',
  example: '6x² + 11x + 4',
  howToType:
    'Write ax² + bx + c, like 6x^2 + 11x + 4; a from -24 to 24, b and c to 200 either way.',
  schools: {
    ...METHODS,
    ...Object.fromEntries(
      Object.entries(METHODS).map(([id, title]) => [
        `${id}-content-last`,
        `${title}, common factor last`
      ])
    )
  },
  features: {
    monic: { title: 'Monic', meaning: 'x² has no number before it' },
    leading: { title: 'Leading', meaning: 'the number before x²' },
    content: { title: 'Common factor', meaning: 'greatest common factor of the three numbers' },
    factorable: { title: 'Factorable', meaning: 'it splits into two brackets over the integers' },
    kind: { title: 'Kind', meaning: 'what it is once the common factor is out' },
    signs: { title: 'Signs', meaning: 'of the middle and the last number' },
    pairs: { title: 'Pairs', meaning: 'pairs of factors to choose from' },
    crossTrials: { title: 'Cross trials', meaning: 'products of two brackets to choose from' },
    largest: { title: 'Largest number', meaning: 'of the three, whatever its sign' },
    roots: { title: 'Roots', meaning: 'whole, fractions, or none over the rationals' }
  },
  errorPatterns: {
    'pair-signs-flipped': {
      title: 'Signs of the pair flipped',
      reading: 'The right two numbers, each with the other sign.'
    },
    'signs-all-plus': { title: 'All signs plus', reading: 'Both brackets are written with plus.' },
    'product-and-sum-swapped': {
      title: 'Product and sum swapped',
      reading: 'A pair that adds to the product and multiplies to the sum.'
    },
    'sum-not-checked': {
      title: 'Sum not checked',
      reading: 'A pair with the right product and signs, but another sum.'
    },
    'leading-dropped': {
      title: 'Leading number dropped',
      reading: 'The pair of ac stands in brackets that begin with x.'
    },
    'content-lost': {
      title: 'Common factor lost',
      reading: 'It is divided out and never written again.'
    }
  },
  prompt: (given, style) =>
    `${style.verb === 'factor' ? 'Factor' : 'Factorise'} completely: ${writeText(printQuadratic(given), style)}.`,
  label,
  explain
};

const LABELS: Readonly<Record<string, string>> = {
  content: 'Common factor',
  product: 'Product',
  sum: 'Sum',
  pair: 'Pair',
  'grid.0.0': 'Grid, top left',
  'grid.0.1': 'Grid, top right',
  'grid.1.0': 'Grid, bottom left',
  'grid.1.1': 'Grid, bottom right',
  'grid.row.0': 'Beside the top row',
  'grid.row.1': 'Beside the bottom row',
  'grid.column.0': 'Above the left column',
  'grid.column.1': 'Above the right column',
  'cross.p': 'Cross, top left',
  'cross.q': 'Cross, top right',
  'cross.r': 'Cross, bottom left',
  'cross.s': 'Cross, bottom right',
  split: 'Middle term split',
  'group.0': 'First two terms',
  'group.1': 'Last two terms',
  factors: 'Factors',
  complete: 'With the common factor',
  check: 'Multiplied out',
  [ANSWER]: 'Answer'
};

function label(step: Step): string {
  return LABELS[step.id]!;
}

function explain(given: Given, step: Step, values: Values, style: HouseStyle): string {
  const write = (text: string) => writeText(text, style);
  const value = write(printValue(step, values.get(step.id))!);
  const number = (id: string) => {
    const found = BigInt(values.get(id) as bigint);
    return found < 0n ? `(${write(String(found))})` : String(found);
  };
  const pair = () =>
    (values.get('pair') as readonly bigint[]).map((part) =>
      part < 0n ? `(${write(String(part))})` : String(part)
    );
  switch (step.id) {
    case 'content':
      return value === '−1'
        ? 'Take out −1, so that the square comes first without a sign.'
        : `Every number has ${value} in it: take it out.`;
    case 'product':
      return `Product of the outer numbers: ${value}.`;
    case 'sum':
      return `Sum wanted, the number before x: ${value}.`;
    case 'pair': {
      const [one, other] = pair();
      return `${one} × ${other} = ${number('product')} and ${one} + ${other} = ${number('sum')}.`;
    }
    case 'cross.p':
    case 'cross.r':
      return `${number('cross.p')} × ${number('cross.r')} makes the number before x².`;
    case 'cross.q':
      return `${number('cross.q')} × ${number('cross.s')} makes the last number …`;
    case 'cross.s':
      return `… and ${number('cross.p')} × ${number('cross.s')} + ${number('cross.r')} × ${number('cross.q')} the number before x.`;
    case 'grid.row.0':
      return `${value} is what the top row has in common.`;
    case 'grid.column.0':
    case 'grid.column.1':
    case 'grid.row.1':
      return `${label(step)}: ${value}, so that the edges multiply to the cells.`;
    case 'split':
      return `Split the middle term: ${value}.`;
    case 'check':
      return `Multiplied out it is ${value} again.`;
    case 'factors':
      return `So the factors are ${value}.`;
    case 'complete':
      return isFactorable(given)
        ? `Write the common factor again: ${value}.`
        : `No pair has that product and that sum: ${value}.`;
    default:
      return `${label(step)}: ${value}.`;
  }
}
