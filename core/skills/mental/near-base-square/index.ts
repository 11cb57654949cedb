import * as z from 'zod/mini';
import { accuracy, method, schemeOf } from '../../../schemes';
import { signedNumber } from '../../../numbers';
import { ANSWER, chainSheet, constant, step, using } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, flag, oneOf } from '../../../skill/feature';
import { listedItems } from '../../../skill/listed-items';
import {
  BASES,
  besideBase,
  deviationMeant,
  FURTHEST,
  isOverlapping,
  isPadded,
  nearestBase,
  writtenOn,
  suitingDistance
} from '../../../methods/in-the-head/near-base';
import { squareForm } from '../../../methods/in-the-head/numeral-square';
import { fromBase } from '../../../methods/in-the-head/prompt';
import { card } from './card';

interface Given {
  readonly number: string;
  readonly base: number;
}

interface Look {
  readonly base: number;
  readonly deviation: number;
}

const isItem = (number = 0, base = 0) => besideBase(number, base) && 2 * number > base;

const schema = z
  .strictObject({
    number: z.string().check(z.regex(/^[1-9]\d{0,3}$/, 'a whole number of up to 4 digits')),
    base: z.literal([...BASES])
  })
  .check(
    z.refine(({ number, base }) => isItem(Number(number), base), {
      path: ['number'],
      message: `must be 1 to ${FURTHEST} from the base, and more than half of it`
    })
  );

const given = squareForm<Given>(
  schema,
  'Write a number near 10, 20 … 100 or 1000 with ² or ^2 after it; another base after "near".',
  (number) => {
    const base = nearestBase([Number(number)], isItem);
    return base === undefined ? undefined : { number, base };
  },
  ({ number, base }) => nearestBase([Number(number)], isItem) !== base
);

const look = ({ number, base }: Given): Look => ({ base, deviation: Number(number) - base });

const features = {
  base: oneOf<Look, number>([...BASES], 'Base', 'the number is near this', ({ base }) => base),
  side: oneOf<Look, string>(
    ['over', 'under'],
    'Side',
    'above the base or below it',
    ({ deviation }) => (deviation > 0 ? 'over' : 'under')
  ),
  deviation: count<Look>(
    [1, FURTHEST],
    'Deviation',
    'how far the number is from the base',
    ({ deviation }) => Math.abs(deviation)
  ),
  padded: flag<Look>(
    'Padded',
    'the square of the deviation has fewer digits than the base has zeros',
    ({ base, deviation }) => isPadded(base, deviation * deviation)
  ),
  overlap: flag<Look>(
    'Overlap',
    'the square of the deviation is at least the base',
    ({ base, deviation }) => isOverlapping(base, deviation * deviation)
  )
};

const listed = BASES.flatMap((base) =>
  Array.from({ length: 2 * FURTHEST + 1 }, (_, at) => base - FURTHEST + at)
    .filter((number) => isItem(number, base))
    .map((number): Given => ({ number: String(number), base }))
);

/** The base and the square of the deviation. */
const productOf = (given: Given) => {
  const { base, deviation } = look(given);
  return { base, product: deviation * deviation };
};
const parts = ['shifted', 'square'] as const;

/** Squares near a base, in the head: (B + d)² = B(B + d + d) + d² (common practice). */
export const skill = defineSkill({
  card,
  given,
  look,
  features,
  items: listedItems<Given, Look>({
    size: listed.length,
    item: (key) => listed[key]!,
    ...{ look, features }
  }),
  working: {
    deviation: ({ number, base }: Given) => {
      const [n, b] = [BigInt(number), BigInt(base)];
      return [
        step('deviation', [], () => n - b, {
          reading: signedNumber,
          meant: deviationMeant,
          says: ({ value, write }) =>
            n > b
              ? `${write(n)} is ${value} above ${write(b)}.`
              : `${write(n)} is ${write(b - n)} below ${write(b)}.`
        }),
        step('shifted', ['deviation'], (by) => n + by, {
          isMethod: true,
          label: 'Shifted by the deviation',
          says: ({ value, write }) =>
            `Go as far on again: ${write(`${n} ${n > b ? '+' : '-'} ${n > b ? n - b : b - n}`)} = ${value}, times ${write(b)}.`
        }),
        step('square', ['deviation'], (by) => by * by, {
          label: 'Square of the deviation',
          says: ({ value, write }) =>
            `The deviation times itself: ${write(n > b ? n - b : b - n)}² = ${value}.`
        }),
        step(ANSWER, ['shifted', 'square'], (shifted, square) => b * shifted + square, {
          says: ({ value, of, write }) =>
            `${of('shifted')} × ${write(b)} + ${of('square')} = ${value}.`
        })
      ];
    }
  },
  sheet: ({ number, base }: Given) =>
    chainSheet([
      [
        { given: `${number}²`, width: 3 },
        { room: 1 },
        { heading: `from ${base}`, width: 3.5 },
        { step: 'deviation', width: 2 }
      ],
      [
        { given: `${base} ×`, width: 3.5 },
        { step: 'shifted', width: 3 },
        { sign: '+' },
        { step: 'square', width: 2.5 },
        { sign: '=' },
        { step: ANSWER, width: 4 }
      ]
    ]),
  earns: {
    shifted: 'the number with its distance from the base once more, and that distance squared'
  },
  marks: schemeOf(method('shifted', 'square'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'under-added': pattern(
      'Below treated as above',
      'The number is below the base, and the size of its deviation is added.',
      ({ number, base }: Given) =>
        Number(number) < base
          ? {
              shifted: using(['deviation'], (by) => BigInt(number) + (by < 0n ? -by : by))
            }
          : undefined,
      { side: ['under'] }
    ),
    'deviation-product-not-padded': pattern(
      'Square not padded',
      'The square of the deviation is written on without the zeros before it.',
      writtenOn(isPadded, productOf, parts),
      { base: { min: 100 }, padded: true }
    ),
    'overlap-appended': pattern(
      'Square written after it without carrying',
      'The square of the deviation has too many digits, and is written after the first part without carrying.',
      writtenOn(isOverlapping, productOf, parts),
      { base: 100, overlap: true }
    ),
    'deviation-from-last-digit': pattern(
      'Last digit taken for the deviation',
      'The last digit of the number is taken for its distance from the base.',
      ({ number, base }: Given) =>
        base === 100 ? { deviation: constant(Number(number.at(-1))) } : undefined,
      { base: 100, side: ['under'] }
    ),
    'doubled-for-squared': pattern(
      'Doubled for squared',
      'The deviation is taken twice, not times itself.',
      { square: using(['deviation'], (by) => 2n * (by < 0n ? -by : by)) }
    )
  },
  prompt: fromBase,
  difficulty: {
    constant: -2.3,
    side: { over: 0, under: 0.3 },
    deviation: 0.1,
    overlap: 0.4,
    padded: 0.1
  },
  seconds: { constant: 6, deviation: 0.6 },
  suits: ({ number, base }, advice) => Math.abs(Number(number) - base) <= suitingDistance(advice),
  because({ number, base }, advice) {
    const within = suitingDistance(advice);
    const isNear = Math.abs(Number(number) - base) <= within;
    return `${number} is ${isNear ? '' : 'not '}within ${within} of ${base}.`;
  },
  ladder: [
    rung('worked-example', 1, {
      base: { min: 100 },
      side: ['over'],
      overlap: false,
      deviation: { max: 9 }
    }),
    rung('gaps', 1, {
      base: { min: 100 },
      side: ['under'],
      overlap: false,
      deviation: { min: 2, max: 9 }
    }),
    rung('set-out', 2, { base: { min: 30, max: 90 }, deviation: { min: 5, max: 9 } }),
    rung('bare', 3, { base: { min: 30, max: 90 }, deviation: { min: 7, max: 12 } }),
    rung('harder', 2, { base: 100, deviation: { min: 10, max: 15 } }),
    rung('challenge', 2, { base: { min: 100 }, deviation: { min: 12, max: 20 } })
  ]
});
