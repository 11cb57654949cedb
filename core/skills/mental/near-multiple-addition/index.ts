import { defineSkill, rung } from '../../../skill/define';
import { twoNumbers } from '../../../skill/given/numbers';
import {
  compensating,
  DIGITS,
  lengthFeatures,
  nearFeatures
} from '../../../methods/in-the-head/compensation';
import { card } from './card';
import { items } from './space';

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
  ...compensating({ sign: 1n, landing: 'sum' }),
  features: {
    ...lengthFeatures('added'),
    ...nearFeatures(
      'adding the change',
      (l) => (Number(l.start) % l.base) + (Number(l.change) % l.base) >= l.base
    )
  },
  items,
  difficulty: { constant: -3.5, digits: 0.45, changeDigits: 0.4, suited: -0.9 },
  seconds: { constant: 5, digits: 1.5, changeDigits: 1.5 },
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
