import * as z from 'zod/mini';
import { methodAndAnswer } from '../../../schemes';
import { ANSWER, chainSheet, step, unwrittenAt, type Piece } from '../../../working';
import { answerAcross } from '../../../methods/columns/answer-across';
import { defineSkill, rung } from '../../../skill/define';
import { count, oneOf } from '../../../skill/feature';
import { twoNumbers } from '../../../skill/given/numbers';
import { restricted } from '../../../skill/given/restricted';
import { listedItems } from '../../../skill/listed-items';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';
import { headOf, isPowerOfTen, isUnderHead, lookAt, type Look } from './numbers';
import { patterns } from './errors';

/** Powers of ten to ten thousand, and digits from 2 to 9 with zeros to four digits. */
const TARGETS = [
  ...[10, 100, 1000, 10_000],
  ...[10, 100, 1000].flatMap((power) => [2, 3, 4, 5, 6, 7, 8, 9].map((digit) => digit * power))
];

interface Given {
  readonly target: string;
  readonly number: string;
}

const given = restricted<Given>(
  twoNumbers('target', 'number', {
    sign: '-',
    digits: [
      [2, 5],
      [1, 4]
    ],
    descending: true,
    howToType:
      'Write a power of ten, or a digit with zeros, - and a smaller number: 1000 - 305, 700 - 286.'
  }),
  z.refine(({ target }: Given) => TARGETS.includes(Number(target)), {
    path: ['target'],
    message: 'a power of ten to 10000, or a digit with zeros to 9000'
  })
);

const zerosIn = (text: string) => [...text].filter((digit) => digit === '0').length;

const features = {
  targetDigits: count<Look>(
    [2, 5],
    'Digits of the target',
    'digits of the round number',
    ({ target }) => target.length
  ),
  kind: oneOf<Look, string>(
    ['power-of-ten', 'multiple-of-ten'],
    'Kind',
    'whether the round number is a power of ten, or another digit with zeros',
    (look) => (isPowerOfTen(look) ? 'power-of-ten' : 'multiple-of-ten')
  ),
  digits: count<Look>(
    [1, 4],
    'Digits',
    'digits of the number that is made up',
    ({ number }) => number.length
  ),
  trailingZeros: count<Look>(
    [0, 3],
    'Zeros at the end',
    'zeros at the end of the number',
    ({ lastPlace }) => lastPlace
  ),
  zeros: count<Look>([0, 3], 'Zeros', 'zero digits in the number', ({ number }) => zerosIn(number))
};

/** How many items there are before each target. */
const starts = TARGETS.map((_, at) =>
  TARGETS.slice(0, at).reduce((sum, target) => sum + target - 1, 0)
);

const items = listedItems<Given, Look>({
  size: TARGETS.reduce((sum, target) => sum + target - 1, 0),
  item(key) {
    const at = starts.findLastIndex((start) => start <= key);
    return { target: String(TARGETS[at]), number: String(key - starts[at]! + 1) };
  },
  look: lookAt,
  features
});

/** Every digit to nine, the last that is not 0 to ten; zeros after it stay (common practice). */
function ninesAndTen(item: Given) {
  const look = lookAt(item);
  const { digits, places, lastPlace } = look;
  const below = Array.from({ length: places }, (_, at) => places - 1 - at).map((place) => {
    const digit = digits[place]!;
    const to = place > lastPlace ? 9 : place === lastPlace ? 10 : 0;
    return step(`digit.${place}`, [], () => BigInt(to === 0 ? 0 : to - digit), {
      label: ({ place: name }) => `Digit of the ${name(place)}`,
      says: ({ value, write }) =>
        to === 0
          ? `A zero at the end stays ${value}.`
          : `${write(digit)} and ${value} make ${write(to)}.`
    });
  });
  if (isPowerOfTen(look)) return [...below, answerAcross(places - 1, 10, 'digit', 'complement')];
  const head = headOf(look) - (isUnderHead(look) ? 0 : 1) - digits[places]!;
  return [
    step(`digit.${places}`, [], () => BigInt(head), {
      ...unwrittenAt(0n),
      label: 'First digit',
      says: ({ value, write }) =>
        isUnderHead(look)
          ? `All digits after it are 0, so the first digit is ${write(`${headOf(look)} - ${digits[places]}`)} = ${value}.`
          : `The first digit gives 1 to the digits after it: ${write(`${headOf(look)} - 1`)}${digits[places]! > 0 ? write(` - ${digits[places]}`) : ''} = ${value}.`
    }),
    ...below,
    answerAcross(places, 10, 'digit', 'complement')
  ];
}

const power = { kind: ['power-of-ten'], trailingZeros: 0 };

/** Complements to powers of ten and to digits with zeros, in the head, from the left. */
export const skill = defineSkill({
  card,
  given,
  look: lookAt,
  features,
  items,
  working: { 'nines-and-ten': ninesAndTen },
  sheet(item: Given) {
    const { places } = lookAt(item);
    const highest = isPowerOfTen(lookAt(item)) ? places - 1 : places;
    const squares = Array.from({ length: highest + 1 }, (_, at): Piece => ({
      step: `digit.${highest - at}`,
      width: 1
    }));
    const padded = item.number.padStart(highest + 1, '0');
    return chainSheet([
      [...padded].map((digit): Piece => ({ given: digit, width: 1 })),
      squares,
      [
        { given: `${item.target} − ${item.number}`, width: 6 },
        { sign: '=' },
        { step: ANSWER, width: 3.5 }
      ]
    ]);
  },
  earns: {
    '*': 'every digit made up to nine and the last to ten, and the first one less where it has others below'
  },
  marks: methodAndAnswer,
  patterns,
  prompt: inTheHead,
  difficulty: {
    constant: -4.2,
    targetDigits: 0.6,
    digits: 0.15,
    trailingZeros: -0.3,
    zeros: 0.2,
    kind: { 'power-of-ten': 0, 'multiple-of-ten': 0.25 }
  },
  seconds: { constant: 2, targetDigits: 2 },
  because: ({ target }) => `It is made up to ${target}, a round number.`,
  ladder: [
    rung('worked-example', 1, { ...power, targetDigits: 3, digits: 2, zeros: 0 }),
    rung('gaps', 1, { kind: ['multiple-of-ten'], targetDigits: 3, digits: 2, trailingZeros: 0 }),
    rung('set-out', 3, { ...power, targetDigits: 4, digits: 3, zeros: 0 }),
    rung('bare', 4, { ...power, targetDigits: 4, digits: 3, zeros: 1 }),
    rung('harder', 3, { kind: ['multiple-of-ten'], targetDigits: 4, digits: { min: 3 }, zeros: 1 }),
    rung('challenge', 2, { ...power, targetDigits: 5, digits: { min: 3 }, zeros: 1 })
  ]
});
