import * as z from 'zod/mini';
import { accuracy, method, schemeOf } from '../../../schemes';
import type { Advice } from '../../../house-style';
import { signedNumber } from '../../../numbers';
import { ANSWER, bridgeSheet, step, using, withLines } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, flag, oneOf } from '../../../skill/feature';
import { addends } from '../../../skill/given/numbers';
import { restricted } from '../../../skill/given/restricted';
import { bridgeOf, type Bridge } from './numbers';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';
import { items } from './space';

const DIGITS = [1, 4] as const;

interface Given {
  readonly addends: string[];
}

interface Look extends Bridge {
  readonly addends: readonly string[];
}

const bridged = ({ addends: [one, other] }: Given, advice?: Advice) =>
  bridgeOf(Number(one), Number(other), advice);
const look = (given: Given): Look => ({ addends: given.addends, ...bridged(given)! });

/** The addend that is made up, and the one that gives. */
function partsOf(given: Given) {
  const { made, base, gap } = bridged(given)!;
  const [up, giver] = [given.addends[made]!, given.addends[1 - made]!];
  return { up: BigInt(up), giver: BigInt(giver), base, gap: BigInt(gap) };
}

/** Which of the first two was made up to a multiple of ten, the usual one first; undefined if neither can be. */
function madeUpTo(given: Given, multiple: unknown) {
  const { up, giver } = partsOf(given);
  if (typeof multiple !== 'bigint' || multiple % 10n !== 0n) return undefined;
  return [
    { up, giver },
    { up: giver, giver: up }
  ].find((one) => multiple > one.up && multiple - one.up <= one.giver);
}

/** What is left of the addend that gives, changed; the usual one gives where nothing was made up. */
const restBy = (rest: (giver: bigint, gap: bigint) => bigint) => (given: Given) => ({
  rest: using(['multiple'], (multiple) => {
    const { up, giver } = madeUpTo(given, multiple) ?? partsOf(given);
    return rest(giver, multiple - up);
  })
});

/**
 * One addend is made up to a multiple with a part of the other:
 *
 *   multiple \
 *              --> answer, or subtotal --> answer
 *   rest     /
 *
 * Making up the other addend, or to another multiple, does as well: the rest follows from what was given.
 */
function makeUp(given: Given) {
  const { up, giver, gap } = partsOf(given);
  const third = given.addends[2];
  const last = third === undefined ? ANSWER : 'subtotal';
  const steps = [
    step('multiple', [], () => up + gap, {
      isMethod: true,
      accepts: (written) => madeUpTo(given, written) !== undefined,
      says: ({ value, write }) => `${write(up)} takes ${write(gap)} and becomes ${value}.`
    }),
    step('rest', ['multiple'], (multiple) => up + giver - multiple, {
      reading: signedNumber,
      holds: [],
      leftOut: giver,
      says: ({ value, write }) => `${write(giver)} less ${write(gap)} leaves ${value}.`
    }),
    step(last, ['multiple', 'rest'], (multiple, rest) => multiple + rest, {
      reading: signedNumber,
      says: ({ value, of, write }) => `${of('multiple')} ${write('+')} ${of('rest')} = ${value}.`
    })
  ];
  if (third === undefined) return steps;
  return [
    ...steps,
    step(ANSWER, ['subtotal'], (sum) => sum + BigInt(third), {
      reading: signedNumber,
      says: ({ value, of, write }) => `${of('subtotal')} ${write('+')} ${write(third)} = ${value}.`
    })
  ];
}

/** Near a multiple, and more is given than what makes it up. */
const near = { suited: true, makesTen: false };
const two = { addends: 2, ...near };

/** Sums in the head, one addend made up to a multiple of 10, 100 or 1000 with a part of the other. */
export const skill = defineSkill({
  card,
  given: restricted<Given>(
    addends(
      [2, 3],
      DIGITS,
      'Write two or three whole numbers of up to 4 digits with + between them; the first two are bridged.'
    ),
    z.refine((given: Given) => bridged(given) !== undefined, {
      path: ['addends'],
      message: 'one of the first two must be able to make the other up to a multiple of ten'
    })
  ),
  look,
  features: {
    addends: count<Look>([2, 3], 'Addends', 'how many numbers are added', (l) => l.addends.length),
    digits: count<Look>(DIGITS, 'Digits', 'digits of the longest addend', (l) =>
      Math.max(...l.addends.map(({ length }) => length))
    ),
    base: oneOf<Look, number>(
      [10, 100, 1000],
      'Base',
      'an addend is made up to a multiple of this',
      (l) => l.base
    ),
    gap: count<Look>([1, 30], 'Gap', 'what it takes to make it up', (l) => l.gap),
    makesTen: flag<Look>(
      'Makes ten',
      'the last digits of the first two make exactly ten',
      (l) => l.makesTen
    ),
    suited: flag<Look>('Suited', 'an addend is near the multiple', (l) => l.suited)
  },
  items,
  working: { 'make-up': makeUp },
  sheet: (given) => {
    const { up, giver } = partsOf(given);
    const third = given.addends[2];
    const line = bridgeSheet({
      ...{ start: String(up), given: String(giver), landing: 'multiple', rest: 'rest' },
      end: third === undefined ? ANSWER : 'subtotal'
    });
    if (third === undefined) return line;
    return withLines(line, [
      [{ room: 7 }, { given: `+ ${third}`, width: 3 }, { sign: '=' }, { step: ANSWER, width: 3 }]
    ]);
  },
  earns: { multiple: 'one number made up to a multiple of ten, and as much taken from the other' },
  marks: schemeOf(method('multiple', 'rest'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'given-not-taken': pattern<Given>(
      'Not taken from the other number',
      'One number is made up with a part of the other, and that part is not taken from the other.',
      restBy((giver) => giver)
    ),
    'taken-twice': pattern<Given>(
      'Taken twice from the other number',
      'One number is made up with a part of the other, and that part is taken from the other twice.',
      restBy((giver, gap) => giver - 2n * gap)
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -3.9, digits: 0.55, addends: 0.4, suited: -0.4, gap: 0.02 },
  seconds: { constant: 0, digits: 2, addends: 3 },
  suits: (given, advice) => bridged(given, advice)!.suited,
  because(given, advice) {
    const { base, suited, makesTen, made, gap } = bridged(given, advice)!;
    const up = given.addends[made];
    if (!suited) return `Neither number is within ${advice.bridgingTen} below a multiple of ten.`;
    return makesTen && base === 10
      ? 'The last digits make exactly ten.'
      : `${up} is ${gap} below a multiple of ${base}, and the other has as much to give.`;
  },
  suitsUnder: { suited: true },
  ladder: [
    rung('worked-example', 1, { ...two, digits: 2, base: 10, gap: { max: 2 } }),
    rung('gaps', 1, { ...two, digits: 2, base: 10, gap: { min: 2, max: 3 } }),
    rung('set-out', 4, { ...two, digits: 3, base: 100, gap: { max: 4 } }),
    rung('bare', 4, { ...two, digits: 3, base: 100, gap: { min: 3, max: 9 } }),
    rung('harder', 3, { addends: 3, ...near, digits: 3, base: 100 }),
    rung('challenge', 2, { ...two, digits: 4, base: 1000, gap: { max: 15 } })
  ]
});
