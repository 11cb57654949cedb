import * as z from 'zod/mini';
import { methodAndAnswer } from '../../../schemes';
import {
  constant,
  parting,
  printedCell,
  squareCell,
  stepOn,
  unwrittenAt,
  using,
  usingValues,
  type Replacements,
  type Step
} from '../../../working';
import { answerAcross } from '../../../methods/columns/answer-across';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, oneOf } from '../../../skill/feature';
import { twoNumbers } from '../../../skill/given/numbers';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';
import { items, REPUNITS } from './space';
import { look, windowsOf, type Given, type Look } from './numbers';

const DIGITS = [2, 6] as const;

const runs = (carries: readonly number[]) =>
  carries
    .map((carry) => (carry > 0 ? '1' : ' '))
    .join('')
    .split(' ')
    .map(({ length }) => length);

const features = {
  digits: count<Look>(DIGITS, 'Digits', 'digits of the number', (l) => l.multiplicand.length),
  window: oneOf<Look, number>(
    [2, 3, 4],
    'Window',
    'digits that are added at once: as many as 11, 111 or 1111 has',
    (l) => l.repunit.length
  ),
  carries: count<Look>(
    [0, 9],
    'Carries',
    'places whose window, with the carry, totals ten or more',
    (l) => l.carries.filter((carry) => carry > 0).length
  ),
  longestRun: count<Look>([0, 9], 'Longest run', 'most such places in a row', (l) =>
    Math.max(...runs(l.carries))
  ),
  largestCarry: count<Look>([0, 3], 'Largest carry', 'the largest number carried', (l) =>
    Math.max(...l.carries)
  ),
  zeros: count<Look>(
    [0, 5],
    'Zeros',
    'zero digits in the number',
    (l) => [...l.multiplicand].filter((digit) => digit === '0').length
  )
};

/** Each digit of the product is what stands under a window as wide as the repunit, carries passed on. */
function window(given: Given): Step[] {
  const places = windowsOf(given);
  const top = places.length;
  const steps = places.flatMap(({ digits }, place): Step[] => {
    const total = digits.reduce((sum, digit) => sum + digit, 0);
    const carryIn = place === 0 ? [] : [`carry.${place}`];
    const whole = usingValues<[bigint?]>(carryIn, (carry = 0n) => BigInt(total) + carry);
    const parts = parting(`total.${place}`, whole, 10n);
    const written = stepOn(`digit.${place}`, parts.written, {
      label: ({ place: name }) => `Digit of the ${name(place)}`,
      says: ({ value, of, write }) => {
        const carry = place === 0 ? '0' : of(`carry.${place}`);
        const terms = [...digits.map(write), ...(carry === '0' ? [] : [`${carry} carried`])];
        const sum = terms.length > 1 ? ` = ${total + Number(carry)}` : '';
        return `Under the window: ${terms.join(' + ')}${sum}. Write ${value}.`;
      }
    });
    const carried = stepOn(`carry.${place + 1}`, parts.carried, {
      ...unwrittenAt(0n),
      label: ({ place: name }) => `Carry to the ${name(place + 1)}`,
      says: ({ value, place: name }) => `Carry ${value} to the ${name(place + 1)}.`
    });
    return [written, carried];
  });
  const leading = stepOn(
    `digit.${top}`,
    using([`carry.${top}`], (carry) => carry),
    {
      ...unwrittenAt(0n),
      label: ({ place: name }) => `Digit of the ${name(top)}`,
      says: ({ value }) => `Write ${value} in front.`
    }
  );
  return [...steps, leading, answerAcross(top, 10, 'digit', 'product')];
}

const totalOf = (digits: readonly number[]) => digits.reduce((sum, digit) => sum + digit, 0);

/** Other digits of the product, each from what stands under its window. */
function otherDigits(
  digitFor: (total: number, place: number, top: number) => number
): (given: Given) => Replacements {
  return (given) => {
    const places = windowsOf(given);
    const top = places.length;
    const digits = places.map(
      ({ digits: under }, place) =>
        [`digit.${place}`, constant(digitFor(totalOf(under), place, top))] as const
    );
    return { ...Object.fromEntries(digits), [`digit.${top}`]: constant(0) };
  };
}

/** The leading place stays as it was before a carry entered it. */
function leadingNotIncreased(given: Given): Replacements | undefined {
  const places = windowsOf(given);
  const top = places.length;
  const { digits, carryIn } = places.at(-1)!;
  if (carryIn === 0) return undefined;
  const [lead] = digits as [number];
  return { [`digit.${top - 1}`]: constant(lead), [`digit.${top}`]: constant(0) };
}

/** Products by 11, 111 or 1111 in the head. */
export const skill = defineSkill({
  card,
  given: twoNumbers('multiplicand', 'repunit', {
    sign: 'x',
    digits: [
      DIGITS,
      z
        .string()
        .check(
          z.refine((text) => (REPUNITS as readonly string[]).includes(text), '11, 111 or 1111')
        )
    ],
    howToType: 'Write a number of 2 to 6 digits, x, and 11, 111 or 1111.'
  }),
  look,
  features,
  items,
  working: { window },
  sheet(given: Given) {
    const top = windowsOf(given).length;
    const x = (place: number) => top - place;
    const beside = '0'.repeat(given.repunit.length - 1);
    const spread = `${beside}${given.multiplicand}${beside}`;
    return {
      width: top + given.repunit.length,
      height: 3.6,
      cells: [
        // The number with a zero for each digit of the window that hangs over its end.
        ...[...spread].map((digit, at) =>
          printedCell(
            at < beside.length || at >= spread.length - beside.length ? 'heading' : 'given',
            digit,
            {
              x: at + 1,
              y: 0
            }
          )
        ),
        ...Array.from({ length: top }, (_, at) =>
          squareCell(`carry.${at + 1}`, { x: x(at + 1) + 0.2, y: 1.3, size: 0.6 }, 'carry')
        ),
        ...Array.from({ length: top + 1 }, (_, place) =>
          squareCell(`digit.${place}`, { x: x(place), y: 2.2 })
        )
      ],
      rules: [{ x1: 0, y1: 1.1, x2: top + given.repunit.length, y2: 1.1 }]
    };
  },
  earns: { '*': 'the digits under the window added from the right, with tens carried' },
  marks: methodAndAnswer,
  // Common practice; no published catalogue is known.
  patterns: {
    'carry-dropped': pattern(
      'Carry dropped',
      'Of what stands under the window only the last digit is written, and nothing is carried.',
      otherDigits((total, place, top) => (place === top - 1 ? total : total % 10)),
      { carries: { min: 1 } }
    ),
    'sum-written-whole': pattern(
      'Totals written whole',
      'What stands under the window is written whole, and nothing is carried.',
      otherDigits((total) => total),
      { carries: { min: 1 } }
    ),
    'leading-not-increased': pattern(
      'Leading digit not increased',
      'A carry into the leading digit is lost.',
      leadingNotIncreased,
      { carries: { min: 2 } }
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -4.3, digits: 0.35, window: 0.5, carries: 0.3, largestCarry: 0.2 },
  seconds: { constant: 0, digits: 2, window: 2, carries: 1.5 },
  because: ({ repunit }) => `Every digit of ${repunit} is 1.`,
  ladder: [
    rung('worked-example', 1, { window: 2, digits: 2, carries: 1 }),
    rung('gaps', 1, { window: 2, digits: 3, carries: 1, zeros: 0 }),
    rung('set-out', 3, { window: 2, digits: 3, carries: 2, zeros: 0 }),
    rung('bare', 4, { window: 2, digits: 4, carries: { min: 1, max: 2 }, zeros: 0 }),
    rung('harder', 3, { window: 3, digits: 3, carries: { min: 1, max: 3 }, zeros: 0 }),
    rung('challenge', 2, { window: 3, digits: 4, carries: { min: 3 }, zeros: { max: 1 } })
  ]
});
