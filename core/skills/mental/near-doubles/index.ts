import * as z from 'zod/mini';
import { accuracy, method, schemeOf } from '../../../schemes';
import { signedNumber } from '../../../numbers';
import { ANSWER, chainSheet, constant, step, using } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count } from '../../../skill/feature';
import type { GivenForm } from '../../../skill/given/form';
import { addends } from '../../../skill/given/numbers';
import { restricted } from '../../../skill/given/restricted';
import { listedItems } from '../../../skill/listed-items';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';

const DIGITS = [2, 4] as const;
const DIFFERENCE = [1, 10] as const;
const [LEAST, MOST] = [10, 9999];

interface Given {
  readonly addends: string[];
}

interface Look {
  readonly smaller: number;
  readonly larger: number;
}

function look({ addends: [one, other] }: Given): Look {
  const [a, b] = [Number(one), Number(other)];
  return { smaller: Math.min(a, b), larger: Math.max(a, b) };
}

const given: GivenForm<Given> = restricted(
  addends(
    [2, 2],
    DIGITS,
    'Write two whole numbers of 2 to 4 digits with + between them, 1 to 10 apart.'
  ),
  z.refine((item: Given) => {
    const { smaller, larger } = look(item);
    return larger - smaller >= DIFFERENCE[0] && larger - smaller <= DIFFERENCE[1];
  }, 'two numbers that are 1 to 10 apart')
);

const features = {
  digits: count<Look>(
    DIGITS,
    'Digits',
    'digits of the larger number',
    ({ larger }) => String(larger).length
  ),
  difference: count<Look>(
    DIFFERENCE,
    'Difference',
    'how far the numbers are apart',
    ({ smaller, larger }) => larger - smaller
  ),
  doublingCarries: count<Look>(
    [0, 4],
    'Carries when doubled',
    'digits of the smaller number from 5 to 9',
    ({ smaller }) => [...String(smaller)].filter((digit) => digit >= '5').length
  )
};

/** Keys run through the smaller number, how much more the other is, and which of them stands first. */
const items = listedItems<Given, Look>({
  size: (MOST - LEAST) * 20,
  item(key) {
    const smaller = LEAST + Math.floor(key / 20);
    // Above the largest number there is nothing: the two are then taken from below.
    const apart = 1 + (Math.floor(key / 2) % 10);
    const pair = [String(smaller), String(smaller + apart)];
    return { addends: key % 2 === 0 ? pair : pair.reverse() };
  },
  isItem: (key) => LEAST + Math.floor(key / 20) + 1 + (Math.floor(key / 2) % 10) <= MOST,
  ...{ look, features },
  mirror: (key) => key ^ 1
});

/** The double of one of the numbers, and the difference put to it or taken from it. */
function from(which: 'smaller' | 'larger') {
  return (item: Given) => {
    const { smaller, larger } = look(item);
    const doubled = BigInt(which === 'smaller' ? smaller : larger);
    const sum = BigInt(smaller + larger);
    const apart = BigInt(larger - smaller);
    const usual = which === 'smaller' ? apart : -apart;
    // The double of the other number, or of the middle, is as good: what is put to it follows.
    const doubles = new Map<unknown, bigint>([
      [BigInt(2 * smaller), apart],
      [BigInt(2 * larger), -apart],
      ...(sum % 2n === 0n ? [[sum, 0n] as const] : [])
    ]);
    const putTo = (double: bigint) => doubles.get(double) ?? usual;
    return [
      step('double', [], () => 2n * doubled, {
        isMethod: true,
        accepts: (written) => doubles.has(written),
        says: ({ value, write }) => `Double ${write(doubled)} is ${value}.`
      }),
      step('difference', ['double'], (double) => (putTo(double) === 0n ? 0n : apart), {
        holds: [],
        says: ({ value, write }) =>
          which === 'smaller'
            ? `${write(larger)} is ${value} more than ${write(smaller)}.`
            : `${write(smaller)} is ${value} less than ${write(larger)}.`
      }),
      step(
        ANSWER,
        ['double', 'difference'],
        (double, by) => double + (putTo(double) < 0n ? -by : by),
        {
          reading: signedNumber,
          holds: ['double'],
          says: ({ value, of, write }) =>
            `${of('double')} ${write(which === 'smaller' ? '+' : '−')} ${of('difference')} = ${value}.`
        }
      )
    ];
  };
}

/** The sum of two numbers close together, in the head: a + (a + d) = 2a + d (common practice). */
export const skill = defineSkill({
  card,
  given,
  look,
  features,
  items,
  working: { smaller: from('smaller'), larger: from('larger') },
  sheet: (item, school) => {
    const doubled = String(look(item)[school as 'smaller' | 'larger']);
    return chainSheet([
      [{ given: `2 × ${doubled}`, width: 4 }, { sign: '=' }, { step: 'double', width: 3 }],
      [
        { room: 2 },
        { sign: school === 'smaller' ? '+' : '−' },
        { step: 'difference', width: 2 },
        { sign: '=' },
        { step: ANSWER, width: 3 }
      ]
    ]);
  },
  earns: {
    double:
      'one of the numbers doubled, or the number in the middle, and how far the other is from it'
  },
  marks: schemeOf(method('double', 'difference'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'difference-subtracted': pattern(
      'Difference taken away',
      'The smaller number is doubled and the difference taken away, not added.',
      { [ANSWER]: using(['double', 'difference'], (double, by) => double - by) },
      {},
      ['smaller']
    ),
    'difference-forgotten': pattern(
      'Difference forgotten',
      'The smaller number is doubled and that is all.',
      { [ANSWER]: using(['double'], (double) => double) },
      {},
      ['smaller']
    ),
    'difference-added-to-larger': pattern(
      'Difference added to the larger double',
      'The larger number is doubled and the difference added to it.',
      (item: Given) => ({
        double: constant(2 * look(item).larger),
        [ANSWER]: using(['double', 'difference'], (double, by) => double + by)
      })
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -4.3, digits: 0.7, difference: 0.04, doublingCarries: 0.35 },
  seconds: { constant: 2, digits: 2, doublingCarries: 2 },
  because(given) {
    const { smaller, larger } = look(given);
    return `The numbers are ${larger - smaller} apart.`;
  },
  ladder: [
    rung('worked-example', 1, { digits: 2, doublingCarries: 0, difference: { min: 1, max: 3 } }),
    rung('gaps', 1, { digits: 2, doublingCarries: 1, difference: { min: 1, max: 3 } }),
    rung('set-out', 3, { digits: 2, doublingCarries: { min: 1 }, difference: { min: 2, max: 6 } }),
    rung('bare', 4, { digits: 2, doublingCarries: 2, difference: { min: 2, max: 9 } }),
    rung('harder', 3, { digits: 3, doublingCarries: { min: 1, max: 2 }, difference: { max: 5 } }),
    rung('challenge', 2, { digits: 3, doublingCarries: 3, difference: { max: 9 } })
  ]
});
