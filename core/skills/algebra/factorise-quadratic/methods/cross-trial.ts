import { gcd, pairOf, polynomial, primitivePart } from '../../../../numbers';
import { map, signedNumber, type Get, type Rule, type Step, type Value } from '../../../../working';
import { productOf } from '../readings';
import type { Coefficients, Splitting } from '../working';
import { swaps, type Method } from './method';

/**
 * The cross: p and r multiply to a, q and s to c, and across they add to b; the factors are px + q and
 * rx + s:
 *
 *      p   q
 *        X        p s + r q = b
 *      r   s
 */
export function crossTrial({ uses, read }: Splitting): Method {
  const coefficient = (
    id: string,
    from: readonly string[],
    rule: Rule,
    more: Partial<Step> = {}
  ): Step => ({
    id: `cross.${id}`,
    kind: 'cross',
    uses: from,
    rule,
    reading: signedNumber,
    ...more
  });
  const at = (get: Get, id: string) => {
    const value = get(`cross.${id}`);
    return typeof value === 'bigint' ? value : undefined;
  };
  const divides = (divisor: Value, get: Get) => {
    const a = read(get)?.[0];
    return typeof divisor === 'bigint' && divisor > 0n && a !== undefined && a % divisor === 0n;
  };
  return {
    steps: [
      coefficient('p', uses, (get) => map(read(get), ([a, b, c]) => crossOf(a, b, c)?.p), {
        accepts: divides
      }),
      coefficient('r', ['cross.p', ...uses], (get) => {
        const [p, a] = [at(get, 'p'), read(get)?.[0]];
        return p && a !== undefined && a % p === 0n ? a / p : undefined;
      }),
      coefficient('q', ['cross.p', 'cross.r', ...uses], (get) => {
        const [p, r, coefficients] = [at(get, 'p'), at(get, 'r'), read(get)];
        return p && r && coefficients ? constantBeside(p, r, coefficients) : undefined;
      }),
      coefficient('s', ['cross.p', 'cross.q', 'cross.r', ...uses], (get) => {
        const [p, q, r] = [at(get, 'p'), at(get, 'q'), at(get, 'r')];
        const coefficients = read(get);
        if (!p || q === undefined || r === undefined || !coefficients) return undefined;
        const [, b, c] = coefficients;
        if (q !== 0n) return c % q === 0n ? c / q : undefined;
        return b % p === 0n ? b / p : undefined;
      })
    ],
    factors: {
      uses: ['cross.p', 'cross.q', 'cross.r', 'cross.s'],
      rule: (get) => {
        const [p, q, r, s] = ['p', 'q', 'r', 's'].map((id) => at(get, id));
        if (!p || !r || q === undefined || s === undefined) return undefined;
        return productOf(1n, [polynomial([q, p]), polynomial([s, r])].map(primitivePart));
      }
    },
    symmetries: [
      swaps([
        ['cross.p', 'cross.r'],
        ['cross.q', 'cross.s']
      ])
    ]
  };
}

/** Leading coefficient and constant of the first factor, and of the second, whose product is ax² + bx + c. */
export function crossOf(
  a: bigint,
  b: bigint,
  c: bigint
): { p: bigint; q: bigint; r: bigint; s: bigint } | undefined {
  const pair = pairOf(a * c, b);
  if (!pair) return undefined;
  // ax² + mx + nx + c = (gx + n / (a/g)) ((a/g)x + m/g), g being what a and m have in common.
  const p = gcd(a, pair[0]) || 1n;
  const r = a / p;
  return { p, q: pair[1] / r, r, s: pair[0] / p };
}

/** The constant q of px + q beside rx + s: r q and p s are the pair, either way round. */
function constantBeside(p: bigint, r: bigint, [a, b, c]: Coefficients): bigint | undefined {
  const [m, n] = pairOf(a * c, b) ?? [];
  if (m === undefined || n === undefined) return undefined;
  if (n % r === 0n && m % p === 0n) return n / r;
  return m % r === 0n && n % p === 0n ? m / r : undefined;
}
