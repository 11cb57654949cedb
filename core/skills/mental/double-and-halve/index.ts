import { accuracy, method, schemeOf } from '../../../schemes';
import { ANSWER, chainSheet, using, type Piece } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, flag } from '../../../skill/feature';
import { numberBetween } from '../../../skill/given/numbers';
import { pairOf } from '../../../skill/given/pair';
import { listedItems } from '../../../skill/listed-items';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';
import {
  countDoublingCarries,
  countHalvings,
  isSuited,
  look,
  lookAt,
  makesTen,
  SIDES,
  sideToHalve,
  type Given,
  type Look
} from './numbers';
import { halveThenDouble, oneToTheOther } from './working';

const [LEAST, MOST] = [2, 999] as const;
const WIDTH = MOST - LEAST + 1;

const factor = numberBetween(LEAST, MOST);

const features = {
  halvings: count<Look>([0, 12], 'Halvings', 'how often something is halved', countHalvings),
  halvedFactors: count<Look>(
    [0, 2],
    'Factors halved',
    'factors that are above ten and even',
    ({ halved }) => halved.filter((list) => list.length > 0).length
  ),
  doublingCarries: count<Look>(
    [0, 24],
    'Carries when doubled',
    'digits from 5 to 9 met when doubling back',
    countDoublingCarries
  ),
  core: count<Look>(
    [4, MOST * MOST],
    'Product left',
    'the product of what the halvings leave',
    ({ ends: [one, other] }) => one * other
  ),
  roundFactor: flag<Look>('Round factor', 'a factor ends in 0', ({ factors }) =>
    factors.some((factor) => factor % 10 === 0)
  ),
  suited: flag<Look>('Suited', 'something is halved and both end at ten or less', (l) =>
    isSuited(l)
  )
};

const items = listedItems<Given, Look>({
  size: WIDTH * WIDTH,
  item: (key) => ({
    left: String(LEAST + Math.floor(key / WIDTH)),
    right: String(LEAST + (key % WIDTH))
  }),
  ...{ look, features },
  lookAt: (key) => lookAt(LEAST + Math.floor(key / WIDTH), LEAST + (key % WIDTH)),
  mirror: (key) => (key % WIDTH) * WIDTH + Math.floor(key / WIDTH)
});

/** What is halved in a line of its own for each factor, what is left multiplied, and doubled back. */
function halvingSheet(given: Given) {
  const seen = look(given);
  const chain = (steps: readonly string[], width: number): Piece[] =>
    steps.flatMap((step): Piece[] => [{ sign: '→' }, { step, width }]);
  const lines = SIDES.map((side, at): Piece[] => [
    { given: given[side], width: 2.5 },
    ...chain(
      seen.halved[at]!.map((_, k) => `halved.${side}.${k + 1}`),
      2.5
    )
  ]);
  const doubled = Array.from(
    { length: Math.max(0, countHalvings(seen) - 1) },
    (_, at) => `doubled.${at + 1}`
  );
  return chainSheet([
    ...lines,
    [{ sign: '×' }, { room: 1 }, { step: 'core', width: 3 }, ...chain(doubled, 3)],
    [
      { given: `${given.left} × ${given.right}`, width: 5 },
      { sign: '=' },
      { step: ANSWER, width: 4 }
    ]
  ]);
}

function otherSheet(given: Given) {
  const answer: Piece[] = [
    { given: `${given.left} × ${given.right}`, width: 5 },
    { sign: '=' },
    { step: ANSWER, width: 4 }
  ];
  if (sideToHalve(look(given)) === undefined) return chainSheet([answer]);
  return chainSheet([
    [{ room: 1 }, { step: 'halved', width: 3 }, { sign: '×' }, { step: 'doubled', width: 3.5 }],
    answer
  ]);
}

const plain = { suited: true, roundFactor: false };
const small = { ...plain, halvedFactors: 1, core: { min: 12, max: 90 } };

/** Products in the head by halving what is even and doubling back, as (2a)b = 2(ab) = a(2b). */
export const skill = defineSkill({
  card,
  given: pairOf('left', 'right', {
    sign: 'x',
    numbers: [factor, factor],
    howToType: 'Write two whole numbers from 2 to 999 with x between them.',
    commutes: true
  }),
  look,
  features,
  items,
  working: { 'halve-then-double': halveThenDouble, 'one-to-the-other': oneToTheOther },
  sheet: (given, school) =>
    school === 'halve-then-double' ? halvingSheet(given) : otherSheet(given),
  earns: {
    'halved.*': 'the numbers halved, and what is left multiplied',
    halved: 'one number halved, and the other doubled as often',
    core: 'the two numbers multiplied'
  },
  marks: (given, school) => {
    if (school === 'halve-then-double') return schemeOf(method('halved.*', 'core'), accuracy());
    return sideToHalve(look(given)) === undefined
      ? schemeOf(accuracy())
      : schemeOf(method('halved', 'doubled'), accuracy());
  },
  // Common practice; no published catalogue is known.
  patterns: {
    'one-doubling-short': pattern(
      'One doubling short',
      'What was halved is doubled back, but once too little.',
      (given: Given) =>
        countHalvings(look(given)) === 0
          ? undefined
          : { [ANSWER]: using([lastDoubled(given)], (value) => value) },
      { suited: true },
      ['halve-then-double']
    ),
    'not-doubled-back': pattern(
      'Not doubled back',
      'The product of what the halvings leave is the answer.',
      (given: Given) =>
        countHalvings(look(given)) < 2 ? undefined : { [ANSWER]: using(['core'], (core) => core) },
      { suited: true, halvings: { min: 2 } },
      ['halve-then-double']
    )
  },
  prompt: inTheHead,
  difficulty: {
    constant: -3.4,
    halvings: 0.45,
    doublingCarries: 0.2,
    suited: -0.3,
    halvedFactors: 0.3
  },
  seconds: { constant: 4, halvings: 3, doublingCarries: 1.5 },
  suits: (given, advice) => isSuited(look(given), advice) || makesTen(look(given)),
  because(given, advice) {
    const seen = look(given);
    if (isSuited(seen, advice))
      return `Halved as far as it goes, ${seen.ends.join(' and ')} are left.`;
    if (makesTen(seen)) return 'Halving one makes a multiple of ten of the other.';
    const large = seen.ends.find((end) => end > advice.tables);
    return large === undefined
      ? 'Nothing is halved.'
      : `${large} is left, beyond the tables to ${advice.tables}.`;
  },
  ladder: [
    rung('worked-example', 1, { ...small, halvings: 1, doublingCarries: 0 }),
    rung('gaps', 1, { ...small, halvings: 1, doublingCarries: 1 }),
    rung('set-out', 3, { ...small, halvings: 2, doublingCarries: { min: 1, max: 2 } }),
    rung('bare', 2, {
      ...plain,
      halvings: 2,
      halvedFactors: 2,
      doublingCarries: { min: 1, max: 3 }
    }),
    rung('harder', 3, { ...plain, halvings: 3, doublingCarries: { min: 1, max: 4 } }),
    rung('challenge', 2, { ...plain, halvings: 4, doublingCarries: { min: 2, max: 7 } })
  ]
});

/** The value before the last doubling. */
function lastDoubled(given: Given): string {
  const halvings = countHalvings(look(given));
  return halvings < 2 ? 'core' : `doubled.${halvings - 1}`;
}
