import * as z from 'zod/mini';
import { accuracy, method, schemeOf } from '../../../schemes';
import { classItems } from '../../../spaces';
import { ANSWER, chainSheet, constant, factsBeside, step } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count } from '../../../skill/feature';
import { squareForm } from '../../../methods/in-the-head/numeral-square';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';

const DIGITS = [2, 4] as const;
const LEAD = [1, 999] as const;

const schema = z.strictObject({
  number: z
    .string()
    .check(z.regex(/^[1-9]\d{0,2}5$/, 'a whole number of 2 to 4 digits that ends in 5'))
});

type Given = z.infer<typeof schema>;

const given = squareForm<Given>(
  schema,
  'Write a whole number of 2 to 4 digits that ends in 5, with ² or ^2 after it.'
);

/** What stands before the 5: 6 of 65. */
const headOf = ({ number }: Given) => number.slice(0, -1);

/**
 * Squares of numbers that end in 5, in the head: the head times the next number, then 25 after it, as
 * (10h + 5)² = 100 h(h + 1) + 25.
 */
export const skill = defineSkill({
  card,
  given,
  look: (item: Given) => item,
  features: {
    digits: count<Given>(DIGITS, 'Digits', 'digits of the number', ({ number }) => number.length),
    lead: count<Given>(LEAD, 'Before the 5', 'the number before the 5', (item) =>
      Number(headOf(item))
    )
  },
  items(wanted) {
    const [lead, digits] = [wanted.range('lead'), wanted.range('digits')];
    const lowest = Math.max(lead.min, 10 ** (digits.min - 2));
    return classItems({
      size: Math.max(0, Math.min(lead.max, 10 ** (digits.max - 1) - 1) - lowest + 1),
      weight: () => 1,
      member: (key) => ({ number: `${lowest + key}5` }),
      features: (key) => ({ lead: lowest + key, digits: `${lowest + key}5`.length })
    });
  },
  working: {
    'head-times-next': (item: Given) => {
      const head = headOf(item);
      return [
        step('next', [], () => BigInt(head) + 1n, {
          label: 'Next number',
          says: ({ value, write }) =>
            `Before the 5 stands ${write(head)}. The next number is ${value}.`
        }),
        step('product', ['next'], (next) => BigInt(head) * next, {
          facts: (get) => {
            const [one, next] = [BigInt(head), get('next')];
            return typeof next === 'bigint' ? factsBeside(one * next, one, next) : [];
          },
          says: ({ value, of, write }) => `${write(head)} × ${of('next')} = ${value}.`
        }),
        step(ANSWER, ['product'], (product) => 100n * product + 25n, {
          label: 'Square',
          says: ({ value, write }) => `Put 25 after it: ${write(item.number)}² = ${value}.`
        })
      ];
    }
  },
  sheet: (item: Given) =>
    chainSheet([
      [
        { given: headOf(item), width: 3 },
        { sign: '×' },
        { step: 'next', width: 3 },
        { sign: '=' },
        { step: 'product', width: 4.5 }
      ],
      [
        { given: `${item.number}²`, width: 4 },
        { room: 3 },
        { sign: '=' },
        { step: ANSWER, width: 4.5 }
      ]
    ]),
  earns: { next: 'the number before the 5 multiplied by the next number' },
  marks: schemeOf(method('next', 'product'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'head-squared': pattern(
      'First part squared, not times the next number',
      'What stands before the 5 is multiplied by itself, not by the next number.',
      (item: Given) => ({ next: constant(BigInt(headOf(item))) })
    ),
    'doubled-for-squared': pattern(
      'Doubled for squared',
      'The number is taken twice.',
      ({ number }: Given) => ({ [ANSWER]: constant(2n * BigInt(number)) })
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -3.6, digits: 1, lead: 0.025 },
  seconds: { constant: 0, digits: 5, lead: 0.3 },
  because: () => 'The number ends in 5.',
  // What stands before the 5 grows; no rung has only the nine numbers of two digits to choose from.
  ladder: [
    rung('worked-example', 1, { lead: { min: 2, max: 11 } }),
    rung('gaps', 1, { lead: { min: 3, max: 13 } }),
    rung('set-out', 2, { lead: { min: 4, max: 18 } }),
    rung('bare', 4, { lead: { min: 10, max: 29 } }),
    rung('harder', 3, { lead: { min: 20, max: 49 } }),
    rung('challenge', 1, { lead: { min: 40, max: 99 } })
  ]
});
