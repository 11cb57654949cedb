import { ANSWER, factsBeside, step, type Step } from '../../../working';
import { countHalvings, look, SIDES, sideToHalve, type Given } from './numbers';

/** Each factor is halved until it is small or odd; the product of what is left is doubled as often. */
export function halveThenDouble(given: Given): Step[] {
  const seen = look(given);
  const halvings = SIDES.flatMap((side, at) =>
    seen.halved[at]!.map((_, k) =>
      step(
        `halved.${side}.${k + 1}`,
        k === 0 ? [] : [`halved.${side}.${k}`],
        (before) => (before ?? BigInt(seen.factors[at]!)) / 2n,
        {
          isMethod: true,
          label: `Half, ${side}`,
          says: ({ value, of, write }) =>
            `Half of ${k === 0 ? write(seen.factors[at]) : of(`halved.${side}.${k}`)} is ${value}.`
        }
      )
    )
  );
  const ends = SIDES.flatMap((side, at) => {
    const times = seen.halved[at]!.length;
    return times > 0 ? [`halved.${side}.${times}`] : [];
  });
  const count = countHalvings(seen);
  const factor = (at: number) =>
    seen.halved[at]!.length > 0 ? undefined : BigInt(seen.factors[at]!);
  const core = step(
    'core',
    ends,
    (...halved) => {
      const rest = [...halved];
      return (factor(0) ?? rest.shift()!) * (factor(1) ?? rest.shift()!);
    },
    {
      label: 'Product of what is left',
      facts: (get) => {
        const rest = ends.map(get) as bigint[];
        const [one, other] = [factor(0) ?? rest.shift(), factor(1) ?? rest.shift()];
        return one === undefined || other === undefined ? [] : factsBeside(one * other, one, other);
      },
      says: ({ value, write }) => `${write(`${seen.ends[0]} x ${seen.ends[1]}`)} = ${value}.`
    }
  );
  const before = (k: number) => (k === 1 ? 'core' : `doubled.${k - 1}`);
  const doubled = Array.from({ length: Math.max(0, count - 1) }, (_, at) =>
    step(`doubled.${at + 1}`, [before(at + 1)], (value) => 2n * value, {
      label: 'Doubled back',
      says: ({ value, of }) => `Double ${of(before(at + 1))}: ${value}.`
    })
  );
  const answer = step(
    ANSWER,
    [before(Math.max(1, count))],
    (value) => (count === 0 ? value : 2n * value),
    {
      says: ({ value, of, write }) =>
        count === 0
          ? `Nothing was halved: ${write(`${given.left} x ${given.right}`)} = ${value}.`
          : `Double ${of(before(count))}: ${value}. ${backWords(count)}`
    }
  );
  return [...halvings, core, ...doubled, answer];
}

/** What one, two, ... halvings divide a factor by; factors have up to three digits. */
const HALVINGS = [2, 4, 8, 16, 32, 64, 128, 256, 512];

const backWords = (count: number) =>
  count === 1
    ? 'That is one doubling for one halving.'
    : `That is ${count} doublings for ${count} halvings.`;

/** One factor is halved and the other doubled; the product stays. */
export function oneToTheOther(given: Given): Step[] {
  const seen = look(given);
  const side = sideToHalve(seen);
  const product = BigInt(given.left) * BigInt(given.right);
  if (side === undefined) {
    return [
      step(ANSWER, [], () => product, {
        says: ({ value, write }) =>
          `Neither can be halved: ${write(`${given.left} x ${given.right}`)} = ${value}.`
      })
    ];
  }
  const [halved, doubled] = [seen.factors[side], seen.factors[1 - side]!];
  // Either factor may be halved, and more than once: 16 x 25 as 4 x 100.
  const isHalved = (written: unknown) =>
    seen.factors.some((factor) => HALVINGS.some((by) => Number(written) * by === factor));
  return [
    step('halved', [], () => BigInt(halved / 2), {
      isMethod: true,
      accepts: isHalved,
      label: 'Half',
      says: ({ value, write }) => `Half of ${write(halved)} is ${value}.`
    }),
    step('doubled', ['halved'], (half) => (isHalved(half) ? product / half : BigInt(2 * doubled)), {
      isMethod: true,
      holds: [],
      label: 'Double',
      says: ({ value, write }) => `Twice ${write(doubled)} is ${value}.`
    }),
    step(ANSWER, ['halved', 'doubled'], (half, double) => half * double, {
      says: ({ value, of, write }) => `${write(`${of('halved')} x ${of('doubled')}`)} = ${value}.`
    })
  ];
}
