import { defineSkill, rung } from '../../../skill/define';
import { count } from '../../../skill/feature';
import { twoNumbers } from '../../../skill/given/numbers';
import {
  compensating,
  DIGITS,
  lengthFeatures,
  nearFeatures,
  type Look
} from '../../../methods/in-the-head/compensation';
import { card } from './card';
import { items } from './space';

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
  ...compensating({ sign: -1n, landing: 'difference' }),
  features: {
    ...lengthFeatures('taken away'),
    answerDigits: count<Look>(
      DIGITS,
      'Digits of the answer',
      'digits of what is left',
      (l) => String(Number(l.start) - Number(l.change)).length
    ),
    ...nearFeatures(
      'taking the change away',
      (l) => Number(l.start) % l.base < Number(l.change) % l.base
    )
  },
  items,
  difficulty: { constant: -3.1, digits: 0.45, changeDigits: 0.45, suited: -1 },
  seconds: { constant: 6, digits: 2, changeDigits: 1.5 },
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
