import {
  gcd,
  pairOf,
  polynomial,
  primitivePart,
  productOf,
  signedNumber,
  type Polynomial,
  type Value
} from '../../../../numbers';
import {
  stepOn,
  swaps,
  using,
  type Get,
  type Step,
  type StepMore,
  type StepWords
} from '../../../../working';
import { splitting, type Coefficients, type Method, type Splitting } from '../splitting';

/**
 * The cross: p and r multiply to a, q and s to c, and across they add to b; the factors are px + q and
 * rx + s:
 *
 *      p   q
 *        X        p s + r q = b
 *      r   s
 */
export function crossTrial(split: Splitting): Method {
  const corner = (id: string, rule: Pick<Step, 'uses' | 'rule'>, more: StepMore) =>
    stepOn(`cross.${id}`, rule, { kind: 'cross', reading: signedNumber, ...more });
  const divides = (divisor: Value, get: Get) => {
    const a = split.read(get)?.[0];
    return typeof divisor === 'bigint' && divisor > 0n && a !== undefined && a % divisor === 0n;
  };
  const leading = ({ of }: StepWords) =>
    `${bracketed(of('cross.p'))} × ${bracketed(of('cross.r'))} makes the number before x².`;
  return {
    steps: [
      corner('p', splitting(split, [], firstLeading), {
        accepts: divides,
        label: 'Cross, top left',
        says: leading
      }),
      corner(
        'r',
        splitting(split, ['cross.p'], ([a], p: bigint) =>
          p !== 0n && a % p === 0n ? a / p : undefined
        ),
        { label: 'Cross, bottom left', says: leading }
      ),
      corner('q', splitting(split, ['cross.p', 'cross.r'], constantBeside), {
        label: 'Cross, top right',
        says: ({ of }) =>
          `${bracketed(of('cross.q'))} × ${bracketed(of('cross.s'))} makes the last number …`
      }),
      corner('s', splitting(split, ['cross.p', 'cross.q'], otherConstant), {
        label: 'Cross, bottom right',
        says: ({ of }) => {
          const [p, q, r, s] = ['p', 'q', 'r', 's'].map((id) => bracketed(of(`cross.${id}`)));
          return `… and ${p} × ${s} + ${r} × ${q} the number before x.`;
        }
      })
    ],
    factors: brackets((both) => productOf(1n, both.map(primitivePart))),
    whole: brackets((both) => productOf(1n, both)),
    symmetries: [
      swaps([
        ['cross.p', 'cross.r'],
        ['cross.q', 'cross.s']
      ])
    ]
  };
}

/** What the brackets px + q and rx + s come to. */
const brackets = (product: (both: Polynomial[]) => Value) =>
  using(['cross.p', 'cross.q', 'cross.r', 'cross.s'], (p, q, r, s) =>
    p === 0n || r === 0n ? undefined : product([polynomial([q, p]), polynomial([s, r])])
  );

/** A number as it stands among others: with brackets if it has a sign. */
export function bracketed(number: string): string {
  return number.startsWith('−') ? `(${number})` : number;
}

/** ax² + mx + nx + c = (gx + n / (a/g)) ((a/g)x + m/g), g being what a and m have in common. */
function firstLeading([a, b, c]: Coefficients): bigint | undefined {
  const pair = pairOf(a * c, b);
  return pair && (gcd(a, pair[0]) || 1n);
}

/** The constant q of px + q beside rx + s: r q and p s are the pair, either way round. */
function constantBeside([a, b, c]: Coefficients, p: bigint, r: bigint): bigint | undefined {
  const [m, n] = pairOf(a * c, b) ?? [];
  if (p === 0n || r === 0n || m === undefined || n === undefined) return undefined;
  if (n % r === 0n && m % p === 0n) return n / r;
  return m % r === 0n && n % p === 0n ? m / r : undefined;
}

/** The constant s that goes with q: by the product if there is one, else by the sum. */
function otherConstant([, b, c]: Coefficients, p: bigint, q: bigint): bigint | undefined {
  if (p === 0n) return undefined;
  if (q !== 0n) return c % q === 0n ? c / q : undefined;
  return b % p === 0n ? b / p : undefined;
}
