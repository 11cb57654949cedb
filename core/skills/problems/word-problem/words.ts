import type { PlotMove } from './plot';

/** Why an operation is the one that is needed, in one sentence, with the calculation. */
export function operationSays(
  { situation, role, operation }: PlotMove,
  calculation: string
): string {
  return `${reasons[situation]?.[role] ?? operations[operation]}: ${calculation}.`;
}

const operations = {
  addition: 'The numbers are added',
  subtraction: 'The one is taken from the other',
  multiplication: 'There are so many of the same, so they are multiplied',
  division: 'It is divided'
} as const;

const reasons: Partial<Record<PlotMove['situation'], Partial<Record<PlotMove['role'], string>>>> = {
  'part-part-whole': {
    whole: 'The whole is all its parts together',
    part: 'A part is the whole without the other part'
  },
  change: {
    start: 'To find what there was at first, undo the change',
    change: 'The change is the difference between before and after',
    result: 'The change is put on or taken away'
  },
  compare: {
    difference: 'The difference is the larger less the smaller',
    compared: 'It is so much more, or so much less, than the other',
    reference: 'Go back from the one by the difference'
  },
  'equal-groups': {
    all: 'All of them are so many groups of the same size',
    each: 'All of them are shared into equal groups',
    groups: 'See how many groups of that size there are in all of them'
  },
  'times-as-many': {
    compared: 'It is so many times the other',
    reference: 'The other is a part of it, so divide',
    factor: 'See how many times the other goes into it'
  },
  rate: {
    total: 'So much for each, as many times as there are',
    amount: 'See how many times the one goes into the whole',
    'unit-price': 'The whole is shared out over all of them'
  }
};

/** What a conversion does. */
export const conversionSays = (told: string, value: string, unit: string): string =>
  `Bring ${told} into ${unit}: ${value} ${unit}.`;

const doing = {
  addition: ['adding', 'and'],
  subtraction: ['taking', 'from'],
  multiplication: ['multiplying', 'by'],
  division: ['dividing', 'by']
} as const;

/** What earns the mark of an operation: *adding 750 and 488*. */
export function operationEarns(
  operation: PlotMove['operation'],
  numbers: readonly string[]
): string {
  const [verb, link] = doing[operation];
  const inOrder = operation === 'subtraction' ? numbers.toReversed() : numbers;
  return `${verb} ${inOrder.slice(0, -1).join(', ')} ${link} ${inOrder.at(-1)}`;
}
