import * as z from 'zod/mini';
import { integerRoot } from '../../../numbers';
import { accuracy, method, schemeOf } from '../../../schemes';
import { ANSWER, chainSheet, constant, step, using, type Piece } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, flag } from '../../../skill/feature';
import { givenFrom, type GivenForm } from '../../../skill/given/form';
import { listedItems } from '../../../skill/listed-items';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';

const ROOTS = { least: 11, most: 199 };

interface Given {
  readonly cube: string;
}

/** The number whose cube is that; the nearest one if there is none. */
const rootOf = ({ cube }: Given): number => Math.round(Math.cbrt(Number(cube)));

const schema = z.strictObject({
  cube: z.string().check(
    z.refine((cube) => {
      if (!/^[1-9]\d{3,6}$/.test(cube)) return false;
      const root = rootOf({ cube });
      return root ** 3 === Number(cube) && root >= ROOTS.least && root <= ROOTS.most;
    }, 'the cube of a number from 11 to 199')
  )
});

const given: GivenForm<Given> = {
  schema,
  howToType: 'Write ∛ or "cbrt" and the cube of a number from 11 to 199 after it.',
  print: ({ cube }) => `∛${cube}`,
  parse(line) {
    const [, cube] = /^\s*(?:∛|cbrt)\s*\(?\s*(\d+)\s*\)?\s*$/i.exec(line) ?? [];
    return cube === undefined ? undefined : givenFrom(schema, { cube });
  }
};

const features = {
  rootDigits: count<number>(
    [2, 3],
    'Digits of the root',
    'digits of the cube root',
    (root) => String(root).length
  ),
  selfEnding: flag<number>(
    'Ends in itself',
    'the root ends in 0, 1, 4, 5, 6 or 9, as its cube does',
    (root) => '014569'.includes(String(root % 10))
  ),
  bracket: count<number>([1, 19], 'Bracket', 'the root without its last digit', (root) =>
    Math.floor(root / 10)
  )
};

const last = (number: string) => BigInt(number.at(-1)!);
const under = ({ cube }: Given) => cube.slice(0, -3);

/**
 * The cube root of an exact cube, in the head: its last digit follows from that of the cube, the rest is the largest
 * number whose cube is not above what stands before the last three digits (common practice).
 */
export const skill = defineSkill({
  card,
  given,
  look: rootOf,
  features,
  items: listedItems<Given, number>({
    size: ROOTS.most - ROOTS.least + 1,
    item: (key) => ({ cube: String((ROOTS.least + key) ** 3) }),
    ...{ look: rootOf, features }
  }),
  working: {
    'ending-and-bracket': (item: Given) => {
      const { cube } = item;
      // 2 and 8, 3 and 7 change places; the others stay: the last digit is that of the cube of the cube.
      const ending = last(String(last(cube) ** 3n));
      return [
        step('last', [], () => ending, {
          label: 'Last digit',
          says: ({ value, write }) =>
            `The cube ends in ${write(last(cube))}, so its root ends in ${value}.`
        }),
        step('left', [], () => BigInt(under(item)), {
          label: 'Without three digits',
          holds: [],
          says: ({ value }) => `Cover the last three digits of the cube: ${value} is left.`
        }),
        step('bracket', ['left'], (left) => integerRoot(left, 3), {
          holds: [],
          says: ({ value, of, write }) =>
            `${value}³ = ${write(cubed(value))} is not more than ${of('left')}, but ${write(Number(value) + 1)}³ = ${write(cubed(value, 1))} is. So the root begins with ${value}.`
        }),
        step(ANSWER, ['bracket', 'last'], (bracket, end) => 10n * bracket + end, {
          label: 'Root',
          says: ({ value, write }) => `The root is ${value}, as ${value}³ = ${write(cube)}.`
        })
      ];
    }
  },
  sheet: (item: Given) =>
    chainSheet([
      // The cubes of one to ten, which are known by heart.
      [1, 2, 3, 4, 5, 6, 7, 8, 9, 10].map((root): Piece => ({
        heading: String(root ** 3),
        width: 1.4
      })),
      [
        { heading: 'ends in', width: 3 },
        { step: 'last', width: 1 },
        { room: 1 },
        { step: 'left', width: 3 },
        { heading: 'from', width: 2 },
        { step: 'bracket', width: 2 }
      ],
      [{ given: `∛${item.cube}`, width: 5 }, { sign: '=' }, { step: ANSWER, width: 3 }]
    ]),
  earns: { last: 'the last digit of the root, and what stands before it' },
  marks: schemeOf(method('last', 'bracket'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'ending-not-complemented': pattern(
      'Last digit left as it is',
      'The last digit of the cube is taken for that of the root.',
      ({ cube }: Given) => ({ last: constant(last(cube)) }),
      { selfEnding: false }
    ),
    'bracket-rounded-up': pattern(
      'First part of the root one too large',
      'The number whose cube is more than what is left is taken, not the one before it.',
      { bracket: using(['left'], (left) => integerRoot(left, 3) + 1n) }
    )
  },
  prompt: (...asked) => `${inTheHead(...asked).slice(0, -1)}: it is a whole number.`,
  difficulty: { constant: -0.6, rootDigits: 0.3, selfEnding: -0.5, bracket: 0.06 },
  seconds: { constant: 8, bracket: 0.5 },
  because: () => 'It is an exact cube.',
  ladder: [
    rung('worked-example', 1, { rootDigits: 2, selfEnding: true, bracket: { max: 3 } }),
    rung('gaps', 1, { rootDigits: 2, selfEnding: true, bracket: { min: 2, max: 5 } }),
    rung('set-out', 2, { rootDigits: 2, selfEnding: false, bracket: { max: 4 } }),
    rung('bare', 3, { rootDigits: 2, selfEnding: false, bracket: { min: 4 } }),
    rung('harder', 2, { rootDigits: 3, selfEnding: true, bracket: { max: 15 } }),
    rung('challenge', 2, { rootDigits: 3, selfEnding: false, bracket: { min: 11 } })
  ]
});

/** The cube of a written number, or of one more. */
const cubed = (written: string, more = 0) => (Number(written) + more) ** 3;
