import * as z from 'zod/mini';
import { parseDigits, printDigits } from '../../../numbers';
import { methodAndAnswer } from '../../../schemes';
import { automatonItems, NumeralAutomaton, type DigitEffect } from '../../../spaces';
import {
  constant,
  printedCell,
  squareCell,
  step,
  unwrittenAt,
  type Replacements,
  type Step
} from '../../../working';
import { answerAcross } from '../../../methods/columns/answer-across';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count } from '../../../skill/feature';
import { givenFrom, type GivenForm } from '../../../skill/given/form';
import { SIGNS } from '../../../skill/given/pair';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';

const DIGITS = [2, 6] as const;

const schema = z.strictObject({
  number: z.string().check(z.regex(/^[1-9]\d{1,5}$/, 'a whole number of 2 to 6 digits'))
});

type Given = z.infer<typeof schema>;

const given: GivenForm<Given> = {
  schema,
  howToType: 'Write 2 x and a whole number of 2 to 6 digits after it.',
  print: ({ number }) => `2 x ${number}`,
  parse(line) {
    const parts = line.split(SIGNS.x).map((part) => part.trim());
    return parts.length === 2 && parts[0] === '2'
      ? givenFrom(schema, { number: parts[1] })
      : undefined;
  },
  operands: ({ number }) => ['2', number],
  from(operands) {
    const [one, other, ...rest] = operands;
    if (rest.length > 0) return undefined;
    const number = one === '2' ? other : other === '2' ? one : undefined;
    return number === undefined ? undefined : givenFrom(schema, { number });
  }
};

/** Digits of 5 and more in a row, at most. */
const longestRun = (number: string) =>
  Math.max(0, ...(number.match(/[5-9]+/g) ?? []).map((run) => run.length));

const carried = (digit: number) => (digit >= 5 ? 1 : 0);
const digitsOf = ({ number }: Given) => parseDigits(number, 10)!;

/** A digit doubles to its own last digit, and one more where the next digit sends one ahead (common practice). */
function lookingAhead(item: Given): Step[] {
  const digits = digitsOf(item);
  const top = digits.length;
  const written = Array.from({ length: top + 1 }, (_, at) => top - at).flatMap((place) => {
    const digit = BigInt(digits[place] ?? 0);
    const ahead = step(`ahead.${place}`, [], () => BigInt(carried(digits[place - 1] ?? 0)), {
      ...unwrittenAt(0n),
      label: ({ place: name }) => `Sent on to the ${name(place)}`,
      says: ({ write }) => `${write(digits[place - 1])} is 5 or more and sends one ahead.`
    });
    const uses = place === 0 ? [] : [ahead.id];
    const own = step(`digit.${place}`, uses, (more = 0n) => ((2n * digit) % 10n) + more, {
      ...(place === top && unwrittenAt(0n)),
      label: ({ place: name }) => `Digit of the ${name(place)}`,
      says: ({ value, write }) =>
        place === top
          ? `Write ${value} in front.`
          : `Twice ${write(digit)} ends in ${write((2n * digit) % 10n)}${
              carried(digits[place - 1] ?? 0) ? ', and one more' : ''
            }: ${value}.`
    });
    return place === 0 ? [own] : [ahead, own];
  });
  return [...written, answerAcross(top, 10, 'digit', 'double')];
}

/** Other digits of the double, each from its own digit taken twice; nothing is sent on, nor written in front. */
function otherDigits(digitFor: (double: number, isFirst: boolean) => number) {
  return (item: Given): Replacements => {
    const digits = digitsOf(item);
    const written = digits.map(
      (digit, place) =>
        [`digit.${place}`, constant(digitFor(2 * digit, place === digits.length - 1))] as const
    );
    return { ...Object.fromEntries(written), [`digit.${digits.length}`]: constant(0) };
  };
}

/** Doubling in the head, from the left. */
export const skill = defineSkill({
  card,
  given,
  look: ({ number }) => number,
  features: {
    digits: count<string>(DIGITS, 'Digits', 'digits of the number', (number) => number.length),
    carries: count<string>(
      [0, 6],
      'Carries',
      'digits from 5 to 9',
      (number) => [...number].filter((digit) => digit >= '5').length
    ),
    longestRun: count<string>([0, 6], 'Longest run', 'most such digits in a row', longestRun),
    zeros: count<string>(
      [0, 5],
      'Zeros',
      'zero digits',
      (number) => [...number].filter((digit) => digit === '0').length
    )
  },
  items: (wanted) =>
    automatonItems(
      (told = []) =>
        new NumeralAutomaton<Given>({
          lengths: wanted.range('digits'),
          digits: [0, 1, 2, 3, 4, 5, 6, 7, 8, 9],
          holds: 1,
          hold: () => 0,
          tally: wanted.tally<string, DigitEffect>(
            {
              carries: { by: 'sum', gain: ({ digit }) => carried(digit) },
              longestRun: { by: 'run', gain: ({ digit }) => carried(digit) },
              zeros: { by: 'sum', gain: ({ digit }) => (digit === 0 ? 1 : 0) }
            },
            told
          ),
          told: (digits) => ({ digits }),
          write: (digits) => ({ number: printDigits(digits) })
        })
    ),
  working: { 'looking-ahead': lookingAhead },
  sheet: (item) => {
    const digits = digitsOf(item);
    const top = digits.length;
    const places = Array.from({ length: top + 1 }, (_, at) => top - at);
    return {
      width: top + 1,
      height: 3,
      cells: [
        ...places.flatMap((place, x) =>
          place === top ? [] : [printedCell('given', String(digits[place]), { x, y: 0 })]
        ),
        ...places.flatMap((place, x) =>
          place === 0
            ? []
            : [squareCell(`ahead.${place}`, { x: x + 0.2, y: 1.2, size: 0.6 }, 'carry')]
        ),
        ...places.map((place, x) => squareCell(`digit.${place}`, { x, y: 2 }))
      ],
      rules: [{ x1: 0, y1: 1, x2: top + 1, y2: 1 }]
    };
  },
  earns: { '*': 'every digit doubled, with one more where the next digit is 5 or more' },
  marks: methodAndAnswer,
  // Common practice; no published catalogue is known.
  patterns: {
    'carry-missed': pattern(
      'Ten not sent on',
      'Each digit is doubled and only the last digit of it written; the first is written whole.',
      otherDigits((double, isFirst) => (isFirst ? double : double % 10)),
      { carries: { min: 1 } }
    ),
    'total-written-whole': pattern(
      'Doubles written side by side',
      'Each digit is doubled and the whole of it written down.',
      otherDigits((double) => double),
      { carries: { min: 1 } }
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -4.2, digits: 0.4, carries: 0.3, longestRun: 0.15 },
  seconds: { constant: 2, digits: 1.5, carries: 1.5 },
  because: () => 'A number is taken twice, and only one digit ahead is looked at.',
  // With two such digits one of them is not the first, so that something is sent on.
  ladder: [
    rung('worked-example', 1, { digits: 2, carries: 2, zeros: 0 }),
    rung('gaps', 1, { digits: 3, carries: 2, longestRun: 1, zeros: 0 }),
    rung('set-out', 3, { digits: 3, carries: 2, longestRun: 2, zeros: 0 }),
    rung('bare', 4, { digits: 4, carries: 2, zeros: { max: 1 } }),
    rung('harder', 3, { digits: 5, carries: { min: 2, max: 3 }, zeros: 1 }),
    rung('challenge', 2, { digits: 6, carries: { min: 4 } })
  ]
});
