import { accuracy, method, schemeOf } from '../../../schemes';
import { signedNumber } from '../../../numbers';
import { ANSWER, crossSheet, step, using } from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, flag, oneOf } from '../../../skill/feature';
import { listedItems } from '../../../skill/listed-items';
import {
  BASES,
  deviationMeant,
  FURTHEST,
  isOverlapping,
  isPadded,
  isPower,
  writtenOn,
  suitingDistance
} from '../../../methods/in-the-head/near-base';
import { joined } from '../../../methods/in-the-head/joined';
import { fromBase } from '../../../methods/in-the-head/prompt';
import { card } from './card';
import { given, isItem, type Given } from './numbers';

interface Look {
  readonly base: number;
  readonly left: number;
  readonly right: number;
}

/** The base and the two deviations from it. */
const look = ({ left, right, base }: Given): Look => ({
  ...{ base, left: Number(left) - base, right: Number(right) - base }
});

const features = {
  base: oneOf<Look, number>([...BASES], 'Base', 'both numbers are near this', ({ base }) => base),
  sides: oneOf<Look, string>(
    ['both-over', 'both-under', 'mixed'],
    'Sides',
    'whether the numbers are above the base or below it',
    ({ left, right }) => (left * right < 0 ? 'mixed' : left > 0 ? 'both-over' : 'both-under')
  ),
  largestDeviation: count<Look>(
    [1, FURTHEST],
    'Largest deviation',
    'how far the farther number is from the base',
    ({ left, right }) => Math.max(Math.abs(left), Math.abs(right))
  ),
  padded: flag<Look>(
    'Padded',
    'the product of the deviations has fewer digits than the base has zeros',
    ({ base, left, right }) => isPadded(base, left * right)
  ),
  overlap: flag<Look>(
    'Overlap',
    'the product of the deviations is at least the base in size',
    ({ base, left, right }) => isOverlapping(base, left * right)
  )
};

const near = (base: number) =>
  Array.from({ length: 2 * FURTHEST + 1 }, (_, at) => base - FURTHEST + at);
const listed = BASES.flatMap((base) =>
  near(base).flatMap((left) =>
    near(base)
      .filter((right) => isItem(left, right, base))
      .map((right) => ({ left, right, base }))
  )
);
const places = new Map(
  listed.map(({ left, right, base }, at) => [`${left} ${right} ${base}`, at] as const)
);

/**
 * Products of numbers near a base, in the head: (B + d)(B + e) = B(B + d + e) + de (common practice). Each number and
 * the deviation of the other, crosswise, come to the same.
 */
function deviations({ left, right, base }: Given) {
  const [one, other, b] = [BigInt(left), BigInt(right), BigInt(base)];
  const deviation = (side: string, number: bigint) =>
    step(`deviation.${side}`, [], () => number - b, {
      reading: signedNumber,
      meant: deviationMeant,
      label: `Deviation of ${number}`,
      says: ({ write }) =>
        number > b
          ? `${write(number)} is ${write(number - b)} above ${write(b)}.`
          : `${write(number)} is ${write(b - number)} below ${write(b)}.`
    });
  return [
    deviation('left', one),
    deviation('right', other),
    step('cross', ['deviation.right'], (by) => one + by, {
      reading: signedNumber,
      isMethod: true,
      says: ({ value, of, write }) =>
        `Crosswise: ${write(one)} and ${of('deviation.right')} make ${value}.`
    }),
    step('scaled', ['cross'], (cross) => b * cross, {
      reading: signedNumber,
      label: 'Times the base',
      says: ({ value, of, write }) => `${of('cross')} × ${write(b)} = ${value}.`
    }),
    step('product', ['deviation.left', 'deviation.right'], (d, e) => d * e, {
      reading: signedNumber,
      label: 'Product of the deviations',
      says: ({ value, of }) =>
        `The deviations: ${of('deviation.left')} × ${of('deviation.right')} = ${value}.`
    }),
    step(ANSWER, ['scaled', 'product'], (scaled, product) => scaled + product, {
      reading: signedNumber,
      says: ({ value, of }) => `Together: ${joined(of('scaled'), of('product'))} = ${value}.`
    })
  ];
}

const size = (number: bigint) => (number < 0n ? -number : number);

/** The base and the product of the deviations. */
const productOf = (given: Given) => {
  const { base, left, right } = look(given);
  return { base, product: left * right };
};
const parts = ['cross', 'product'] as const;

const hundred = { base: 100, overlap: false };

/** Products of two numbers near a base. */
export const skill = defineSkill({
  card,
  given,
  look,
  features,
  items: listedItems<Given, Look>({
    size: listed.length,
    item(key) {
      const { left, right, base } = listed[key]!;
      return { left: String(left), right: String(right), base };
    },
    ...{ look, features },
    mirror(key) {
      const { left, right, base } = listed[key]!;
      return places.get(`${right} ${left} ${base}`)!;
    }
  }),
  working: { deviations },
  sheet: ({ left, right, base }) =>
    crossSheet({
      ...{ left, right, base: String(base) },
      ...{ leftStep: 'deviation.left', rightStep: 'deviation.right' },
      below: [['cross', 'scaled'], ['product'], [ANSWER]]
    }),
  earns: {
    cross:
      'one number with the distance of the other from the base, and the two distances multiplied'
  },
  marks: schemeOf(method('cross', 'product'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'mixed-side-added': pattern(
      'Product of the deviations added, not taken away',
      'One number is above the base and one below, and the product of the deviations is added.',
      ({ left, right, base }: Given) =>
        (Number(left) - base) * (Number(right) - base) < 0
          ? { product: using(['deviation.left', 'deviation.right'], (d, e) => size(d * e)) }
          : undefined,
      { sides: ['mixed'] }
    ),
    'under-added': pattern(
      'Below treated as above',
      'The second number is below the base, and the size of its deviation is added to the first.',
      ({ left, right, base }: Given) =>
        Number(right) < base
          ? {
              cross: using(['deviation.right'], (by) => BigInt(left) + size(by)),
              product: using(['deviation.left', 'deviation.right'], (d, e) => size(d * e))
            }
          : undefined,
      { sides: ['both-under'] }
    ),
    'base-not-scaled': pattern(
      'Taken times ten, not times the base',
      'The number from the cross is multiplied by ten, not by the base.',
      ({ base }: Given) =>
        isPower(base) ? undefined : { scaled: using(['cross'], (cross) => 10n * cross) },
      { base: { min: 20, max: 90 } }
    ),
    'fifty-not-halved': pattern(
      'Taken as hundreds though the base is 50',
      'The base is half of a hundred, but what stands in the cross is taken as hundreds.',
      ({ base }: Given) =>
        base === 50 ? { scaled: using(['cross'], (cross) => 100n * cross) } : undefined,
      { base: 50 }
    ),
    'deviation-product-not-padded': pattern(
      'Product not padded',
      'The product of the deviations is written on without the zeros before it.',
      writtenOn(isPadded, productOf, parts),
      { base: 100, padded: true, sides: ['both-over', 'both-under'] }
    ),
    'overlap-appended': pattern(
      'Product written after it without carrying',
      'The product of the deviations has too many digits, and is written after the first part without carrying.',
      writtenOn(isOverlapping, productOf, parts),
      { base: 100, overlap: true, sides: ['both-over', 'both-under'] }
    )
  },
  prompt: fromBase,
  difficulty: {
    constant: -2,
    sides: { 'both-over': 0, 'both-under': 0.3, mixed: 0.8 },
    largestDeviation: 0.1,
    overlap: 0.8
  },
  seconds: { constant: 8, largestDeviation: 0.7 },
  suits: ({ left, right, base }, advice) =>
    nearestIs(left, right, base) &&
    [left, right].every((number) => Math.abs(Number(number) - base) <= suitingDistance(advice)),
  because({ left, right, base }, advice) {
    const within = suitingDistance(advice);
    const farther = Math.max(...[left, right].map((number) => Math.abs(Number(number) - base)));
    if (!nearestIs(left, right, base)) return `Another base than ${base} is nearer.`;
    return `${farther <= within ? 'Both are' : 'One is not'} within ${within} of ${base}.`;
  },
  ladder: [
    rung('worked-example', 1, { ...hundred, sides: ['both-over'], padded: true }),
    rung('gaps', 1, { ...hundred, sides: ['both-under'], largestDeviation: { max: 5 } }),
    rung('set-out', 3, { ...hundred, sides: ['both-under'], largestDeviation: { min: 5, max: 9 } }),
    rung('bare', 4, { ...hundred, sides: ['mixed'], largestDeviation: { min: 3, max: 9 } }),
    rung('harder', 3, {
      ...{ base: { min: 30, max: 90 }, sides: ['both-under', 'mixed'], overlap: false },
      largestDeviation: { min: 7, max: 12 }
    }),
    rung('challenge', 2, {
      ...{ base: 100, overlap: true, sides: ['both-over', 'both-under', 'mixed'] },
      largestDeviation: { min: 11, max: 18 }
    })
  ]
});

/** Whether a base is the one that two numbers are nearest to. */
function nearestIs(left: string, right: string, base: number): boolean {
  return given.from!([left, right])?.base === base;
}
