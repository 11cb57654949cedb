import { accuracy, method, schemeOf } from '../../../marking/schemes';
import { jumpsSheet } from '../../../working';
import { defineSkill, rung } from '../../define';
import { count, flag, oneOf } from '../../feature';
import { twoNumbers } from '../../given/numbers';
import { compensation, compensationErrors, type Given } from '../../in-the-head/compensation';
import { nearMultiple, nearWords, type NearMultiple } from '../../in-the-head/near-multiple';
import { inTheHead } from '../../in-the-head/prompt';
import { card } from './card';
import { items } from './space';

const DIGITS = [1, 6] as const;

type Look = Given & NearMultiple;

const direction = { sign: 1n, landing: 'sum' } as const;

/** The change is a little below a multiple, and adding it passes one. */
const below = { suited: true, crosses: true, offset: { max: -1 } };

/** Mental addition of a number near a multiple of 10, 100 or 1000. */
export const skill = defineSkill({
  card,
  given: twoNumbers('start', 'change', {
    sign: '+',
    digits: [DIGITS, DIGITS],
    howToType: 'Write two whole numbers of up to 6 digits with + between them.'
  }),
  look: (given: Given): Look => ({ ...given, ...nearMultiple(Number(given.change)) }),
  features: {
    digits: count<Look>(DIGITS, 'Digits', 'digits of the start', (l) => l.start.length),
    changeDigits: count<Look>(
      DIGITS,
      'Digits of the change',
      'digits of what is added',
      (l) => l.change.length
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
      'adding the change passes a multiple of its base',
      (l) => (Number(l.start) % l.base) + (Number(l.change) % l.base) >= l.base
    ),
    suited: flag<Look>(
      'Suited',
      'the change is near the multiple, so that the strategy pays',
      (l) => l.suited
    )
  },
  items,
  working: { compensation: compensation(direction) },
  sheet: ({ start, change }) =>
    jumpsSheet({
      start,
      sign: '+',
      jump: 'multiple',
      landing: 'sum',
      hop: 'adjustment',
      goesOn: nearMultiple(Number(change)).offset > 0
    }),
  marks: schemeOf(method('multiple'), accuracy()),
  patterns: compensationErrors(direction),
  prompt: inTheHead,
  difficulty: { constant: -3.5, digits: 0.45, changeDigits: 0.4, suited: -0.9 },
  seconds: { constant: 5, digits: 1.5, changeDigits: 1.5 },
  suits: ({ change }) => nearMultiple(Number(change)).suited,
  because: ({ change }) => nearWords(change),
  suitsUnder: { suited: true },
  // From ten less one or two to thousands.
  ladder: [
    rung('worked-example', 1, { ...below, digits: 2, changeDigits: 1 }),
    rung('gaps', 1, { ...below, digits: 2, changeDigits: 2 }),
    rung('set-out', 4, { ...below, digits: 3, changeDigits: 2 }),
    rung('bare', 4, { ...below, digits: 3, changeDigits: 3, base: 100 }),
    rung('harder', 3, { suited: true, digits: 4, changeDigits: 3, offset: { min: 1 } }),
    rung('challenge', 2, { ...below, digits: 4, changeDigits: 4, base: 1000 })
  ]
});
