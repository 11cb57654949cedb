import { accuracy, method, schemeOf } from '../../../marking/schemes';
import { signedNumber } from '../../../numbers';
import { ANSWER, constant, jumpsSheet, step, using } from '../../../working';
import { defineSkill, pattern, rung } from '../../define';
import { count, flag, oneOf } from '../../feature';
import { twoNumbers } from '../../given/numbers';
import { card } from './card';
import { isBeside, nearMultiple, type NearMultiple } from './near';
import { items } from './space';

const DIGITS = [1, 6] as const;

interface Given {
  readonly start: string;
  readonly change: string;
}

type Look = Given & NearMultiple;

/**
 * Take the multiple away, then put right what was too much or too little:
 *
 *   multiple --> difference ----------> answer
 *      \-------> adjustment --------------/
 *
 * The multiple need not be held for the adjustment: both are seen from the change, which is on paper.
 */
function compensation({ start, change }: Given) {
  const [from, less] = [BigInt(start), BigInt(change)];
  const { multiple } = nearMultiple(Number(change));
  const reading = signedNumber;
  return [
    step('multiple', [], () => BigInt(multiple), {
      reading,
      isMethod: true,
      // Another multiple of ten beside the change does as well: 290 for 298.
      accepts: (written) => typeof written === 'bigint' && isBeside(written, less),
      says: ({ value, write }) => `Take away ${value} instead of ${write(change)}.`
    }),
    step('difference', ['multiple'], (m) => from - m, {
      reading,
      says: ({ value, of, write }) => `${write(start)} − ${of('multiple')} = ${value}.`
    }),
    step('adjustment', ['multiple'], (m) => m - less, {
      reading,
      // Which way it goes is seen from the number line or said, so that the sign may be left off.
      meant: (written, own) =>
        typeof own === 'bigint' && written === -own && own < 0n ? own : written,
      holds: [],
      leftOut: 0n,
      silentAt: 0n,
      says: ({ value }) =>
        value.startsWith('−')
          ? `That was ${value.slice(1)} too little: take away ${value.slice(1)} more.`
          : `That was ${value} too much: add ${value}.`
    }),
    step(ANSWER, ['difference', 'adjustment'], (difference, by) => difference + by, {
      reading,
      says: ({ value, write }) => `So ${write(start)} − ${write(change)} = ${value}.`
    })
  ];
}

function wrongWay({ change }: Given) {
  const by = using(['multiple'], (multiple) => BigInt(change) - multiple);
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
      ['difference', 'multiple'],
      (difference, multiple) => difference + BigInt(change) - multiple
    )
  };
}

/** The change is a little below a multiple, and the start does not have so much beyond one. */
const plain = { suited: true, crosses: true, offset: { max: -1 } };

/** Mental subtraction of a number near a multiple of 10, 100 or 1000. */
export const skill = defineSkill({
  card,
  given: twoNumbers('start', 'change', {
    sign: '-',
    digits: [DIGITS, DIGITS],
    descending: true,
    howToType: 'Write two whole numbers of up to 6 digits with - between them, the larger first.'
  }),
  look: (given: Given): Look => ({ ...given, ...nearMultiple(Number(given.change)) }),
  features: {
    digits: count<Look>(DIGITS, 'Digits', 'digits of the start', (l) => l.start.length),
    changeDigits: count<Look>(
      DIGITS,
      'Digits of the change',
      'digits of what is taken away',
      (l) => l.change.length
    ),
    answerDigits: count<Look>(
      DIGITS,
      'Digits of the answer',
      'digits of what is left',
      (l) => String(Number(l.start) - Number(l.change)).length
    ),
    base: oneOf<Look, number>(
      [10, 100, 1000],
      'Base',
      'the change is worked from a multiple of this',
      (l) => l.base
    ),
    offset: count<Look>([-30, 30], 'Offset', 'the change less that multiple', (l) => l.offset),
    crosses: flag<Look>(
      'Crosses',
      'taking the change away passes a multiple of its base',
      (l) => Number(l.start) % l.base < Number(l.change) % l.base
    ),
    suited: flag<Look>(
      'Suited',
      'the change is near the multiple, so that the strategy pays',
      (l) => l.suited
    )
  },
  items,
  working: { compensation },
  sheet: ({ start, change }) =>
    jumpsSheet({
      start,
      sign: '−',
      jump: 'multiple',
      landing: 'difference',
      hop: 'adjustment',
      goesOn: nearMultiple(Number(change)).offset > 0
    }),
  marks: schemeOf(method('multiple'), accuracy()),
  patterns: {
    'compensated-wrong-way': pattern(
      'Compensated the wrong way',
      'What was too much is taken away again.',
      wrongWay,
      { suited: true }
    ),
    'compensation-forgotten': pattern(
      'Compensation forgotten',
      'The multiple is taken away and that is all.',
      { adjustment: constant(0) },
      { suited: true }
    )
  },
  prompt: (line) => `Work out ${line} in your head.`,
  difficulty: { constant: -3.1, digits: 0.45, changeDigits: 0.45, suited: -1 },
  seconds: { constant: 6, digits: 2, changeDigits: 1.5 },
  suits: ({ change }) => nearMultiple(Number(change)).suited,
  // From ten less one or two to thousands; what is left is never so small that one would count up to it.
  ladder: [
    rung('worked-example', 1, { ...plain, digits: 2, changeDigits: 1, answerDigits: 2 }),
    rung('gaps', 1, { ...plain, digits: 2, changeDigits: 2, answerDigits: 2 }),
    rung('set-out', 4, { ...plain, digits: 3, changeDigits: 2, answerDigits: 3 }),
    rung('bare', 4, { ...plain, digits: 3, changeDigits: 3, answerDigits: 3, base: 100 }),
    rung('harder', 3, {
      ...{ suited: true, crosses: true, digits: 4, changeDigits: 3, answerDigits: 4 },
      offset: { min: 1 }
    }),
    rung('challenge', 2, { ...plain, digits: 4, changeDigits: 4, answerDigits: 4, base: 1000 })
  ]
});
