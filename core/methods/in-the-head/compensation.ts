import type { Advice } from '../../house-style';
import { signedNumber } from '../../numbers';
import {
  ANSWER,
  constant,
  jumpsSheet,
  step,
  using,
  type Replacements,
  type Step
} from '../../working';
import { accuracy, method, schemeOf } from '../../schemes';
import { pattern } from '../../skill/define';
import { count, flag, oneOf } from '../../skill/feature';
import { isBeside, nearMultiple, nearWords, type NearMultiple } from './near-multiple';
import { joined } from './joined';
import { inTheHead } from './prompt';

export interface Given {
  readonly start: string;
  readonly change: string;
}

/** What differs between adding and taking away. */
interface Direction {
  /** 1 to add the change, -1 to take it away. */
  readonly sign: 1n | -1n;
  /** The step where the multiple has been added or taken away. */
  readonly landing: 'sum' | 'difference';
}

/**
 * Add the multiple or take it away, then put right what was too much or too little:
 *
 *   multiple --> sum, difference -----> answer
 *      \-------> adjustment --------------/
 *
 * The multiple need not be held for the adjustment: both are seen from the change, which is on paper.
 */
function compensation({ sign, landing }: Direction) {
  const mark = sign === 1n ? '+' : '−';
  return ({ start, change }: Given): Step[] => {
    const [from, by] = [BigInt(start), BigInt(change)];
    const { multiple } = nearMultiple(Number(change));
    const reading = signedNumber;
    // In a sum a multiple may be that of the start: one that is nearer to it, and not the next to the change.
    const isOfStart = (m: bigint) =>
      sign === 1n && m !== from && !isBeside(m, by) && apart(m, from) < apart(m, by);
    return [
      step('multiple', [], () => BigInt(multiple), {
        reading,
        isChoice: true,
        // Any multiple of ten leads there: 290 or 300 for 298, or 580 for the 576 of 576 + 198.
        accepts: (written) => typeof written === 'bigint' && isMultipleOfTen(written),
        says: ({ value, write }) =>
          `${sign === 1n ? 'Add' : 'Take away'} ${value} instead of ${write(change)}.`
      }),
      step(landing, ['multiple'], (m) => (isOfStart(m) ? m + by : from + sign * m), {
        reading,
        says: ({ value, of, write }) => `${write(start)} ${mark} ${of('multiple')} = ${value}.`
      }),
      step('adjustment', ['multiple'], (m) => (isOfStart(m) ? from - m : sign * (by - m)), {
        reading,
        // Which way it goes is seen from the number line or said, so that the sign may be left off.
        meant: (written, own) =>
          typeof own === 'bigint' && written === -own && own < 0n ? own : written,
        holds: [],
        leftOut: 0n,
        silentAt: 0n,
        says: ({ value }) => putRight(value, sign)
      }),
      step(ANSWER, [landing, 'adjustment'], (landed, more) => landed + more, {
        reading,
        says: ({ value, of, write }) =>
          of('adjustment') === '0'
            ? `So ${write(start)} ${mark} ${write(change)} = ${value}.`
            : `${joined(of(landing), of('adjustment'))} = ${value}.`
      })
    ];
  };
}

const apart = (one: bigint, other: bigint) => (one > other ? one - other : other - one);

const isMultipleOfTen = (number: bigint) => number > 0n && number % 10n === 0n;

/** What was too much or too little, and what is done about it. */
function putRight(adjustment: string, sign: 1n | -1n): string {
  const isBack = adjustment.startsWith('−');
  const size = isBack ? adjustment.slice(1) : adjustment;
  const was = isBack === (sign === 1n) ? 'too much' : 'too little';
  if (isBack) return `That was ${size} ${was}: take away ${size}${sign === 1n ? '' : ' more'}.`;
  return `That was ${size} ${was}: add ${size}${sign === 1n ? ' more' : ''}.`;
}

function wrongWay({ sign, landing }: Direction) {
  return ({ change }: Given): Replacements => {
    const by = using(['multiple'], (multiple) => sign * (multiple - BigInt(change)));
    return {
      adjustment: {
        ...by,
        // It is written with either sign; only the answer shows which way it went.
        accepts: (written: unknown, get: Parameters<typeof by.rule>[0]) => {
          const wrong = by.rule(get);
          return typeof wrong === 'bigint' && (written === wrong || written === -wrong);
        }
      },
      [ANSWER]: using(
        [landing, 'multiple'],
        (landed, multiple) => landed + sign * (multiple - BigInt(change))
      )
    };
  };
}

/** What goes wrong when a multiple is worked with. */
function compensationErrors(direction: Direction) {
  const isAdding = direction.sign === 1n;
  return {
    'compensated-wrong-way': pattern(
      'Compensated the wrong way',
      isAdding ? 'What was too much is added again.' : 'What was too much is taken away again.',
      wrongWay(direction),
      { suited: true }
    ),
    'compensation-forgotten': pattern<Given>(
      'Compensation forgotten',
      `The multiple is ${isAdding ? 'added' : 'taken away'} and that is all.`,
      { adjustment: constant(0) },
      { suited: true }
    )
  };
}

export const DIGITS = [1, 6] as const;

export type Look = Given & NearMultiple;

/** What is counted of the two numbers. */
export const lengthFeatures = (changed: string) => ({
  digits: count<Look>(DIGITS, 'Digits', 'digits of the start', (l) => l.start.length),
  changeDigits: count<Look>(
    DIGITS,
    'Digits of the change',
    `digits of what is ${changed}`,
    (l) => l.change.length
  )
});

/** How the change lies to the multiple it is worked from. */
export const nearFeatures = (crossing: string, crosses: (look: Look) => boolean) => ({
  base: oneOf<Look, number>(
    [10, 100, 1000],
    'Base',
    'the change is worked from a multiple of this',
    (l) => l.base
  ),
  offset: count<Look>([-30, 30], 'Offset', 'the change less that multiple', (l) => l.offset),
  crosses: flag<Look>('Crosses', `${crossing} passes a multiple of its base`, crosses),
  suited: flag<Look>(
    'Suited',
    'the change is near the multiple, so that the strategy pays',
    (l) => l.suited
  )
});

/** All that is the same of adding and taking away by way of a multiple. */
export const compensating = (direction: Direction) => ({
  look: (given: Given): Look => ({ ...given, ...nearMultiple(Number(given.change)) }),
  working: { compensation: compensation(direction) },
  sheet: ({ start, change }: Given) =>
    jumpsSheet({
      ...{ start, sign: direction.sign === 1n ? '+' : '−', jump: 'multiple' },
      ...{ landing: direction.landing, hop: 'adjustment' },
      goesOn: nearMultiple(Number(change)).offset > 0
    }),
  marks: schemeOf(method('multiple'), accuracy()),
  earns: { multiple: 'a multiple of ten worked with instead of the number' },
  patterns: compensationErrors(direction),
  prompt: inTheHead,
  suits: ({ change }: Given, advice: Advice) => nearMultiple(Number(change), advice).suited,
  because: ({ change }: Given, advice: Advice) => nearWords(change, advice),
  suitsUnder: { suited: true }
});
