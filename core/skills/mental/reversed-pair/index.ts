import * as z from 'zod/mini';
import { accuracy, method, schemeOf } from '../../../schemes';
import { ANSWER, chainSheet, step, using } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, flag } from '../../../skill/feature';
import { addends } from '../../../skill/given/numbers';
import type { GivenForm } from '../../../skill/given/form';
import { restricted } from '../../../skill/given/restricted';
import { listedItems } from '../../../skill/listed-items';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';

interface Given {
  readonly addends: string[];
}

interface Look {
  readonly tens: number;
  readonly ones: number;
}

const look = ({ addends: [one] }: Given): Look => ({
  tens: Number(one![0]),
  ones: Number(one![1])
});

const given: GivenForm<Given> = restricted(
  addends(
    [2, 2],
    [2, 2],
    'Write a number of two digits, + and the same digits the other way round: 68 + 86.'
  ),
  z.refine(({ addends: [one, other] }: Given) => {
    const [tens, ones] = one!;
    return tens !== ones && ones !== '0' && other === `${ones}${tens}`;
  }, 'a number of two digits and its reverse, the digits different and not 0')
);

const features = {
  digitSum: count<Look>(
    [3, 17],
    'Sum of the digits',
    'the two digits added',
    ({ tens, ones }) => tens + ones
  ),
  crosses: flag<Look>(
    'Crosses',
    'the digits total ten or more',
    ({ tens, ones }) => tens + ones >= 10
  )
};

/** The pairs of different digits, neither 0. */
const pairs = [...'123456789'].flatMap((tens) =>
  [...'123456789'].filter((ones) => ones !== tens).map((ones) => [tens, ones] as const)
);

/**
 * A number of two digits and its reverse, in the head: (10a + b) + (10b + a) = 11(a + b), which is the sum of the
 * digits in the tens and again in the ones.
 */
export const skill = defineSkill({
  card,
  given,
  look,
  features,
  items: listedItems<Given, Look>({
    size: pairs.length,
    item(key) {
      const [tens, ones] = pairs[key]!;
      return { addends: [`${tens}${ones}`, `${ones}${tens}`] };
    },
    ...{ look, features },
    mirror: (key) => pairs.findIndex(([a, b]) => a === pairs[key]![1] && b === pairs[key]![0])
  }),
  working: {
    'eleven-times': (item: Given) => {
      const { tens, ones } = look(item);
      return [
        step('digitSum', [], () => BigInt(tens + ones), {
          label: 'Sum of the digits',
          says: ({ value, write }) => `${write(`${tens} + ${ones}`)} = ${value}.`
        }),
        step(ANSWER, ['digitSum'], (sum) => 11n * sum, {
          says: ({ value, of, place }) =>
            `${of('digitSum')} ${place(1)} and ${of('digitSum')} ${place(0)} are ${value}.`
        })
      ];
    }
  },
  sheet(item: Given) {
    const { tens, ones } = look(item);
    return chainSheet([
      [
        { given: String(tens), width: 1 },
        { sign: '+' },
        { given: String(ones), width: 1 },
        { sign: '=' },
        { step: 'digitSum', width: 2 }
      ],
      [{ given: item.addends.join(' + '), width: 4 }, { sign: '=' }, { step: ANSWER, width: 2.5 }]
    ]);
  },
  earns: { digitSum: 'the two digits added' },
  marks: schemeOf(method('digitSum'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'digit-sum-written-twice': pattern(
      'Sum of the digits written twice',
      'The sum of the digits is written beside itself, without carrying.',
      { [ANSWER]: using(['digitSum'], (sum) => BigInt(`${sum}${sum}`)) },
      { crosses: true }
    ),
    'times-ten': pattern(
      'Digit sum taken ten times',
      'The sum of the digits is taken ten times, not eleven.',
      {
        [ANSWER]: using(['digitSum'], (sum) => 10n * sum)
      }
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -3.4, digitSum: 0.06, crosses: 0.7 },
  seconds: { constant: 4, crosses: 3 },
  because: () => 'The digits are the same, the other way round.',
  ladder: [
    rung('worked-example', 1, { digitSum: { min: 3, max: 8 } }),
    rung('gaps', 1, { digitSum: { min: 6, max: 9 } }),
    rung('set-out', 2, { digitSum: { min: 10, max: 12 } }),
    rung('bare', 2, { digitSum: { min: 11, max: 13 } }),
    rung('harder', 2, { digitSum: { min: 12, max: 17 } })
  ]
});
