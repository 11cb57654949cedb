/**
 * The largest whole number whose power of a degree is not above a number from 0: `integerRoot(26n, 3)` is 2. By
 * Newton's method, which takes about as many rounds as the number has digits and fewer.
 * Source: Cohen, H. (1993), *A Course in Computational Algebraic Number Theory*, algorithm 1.7.1, for any degree.
 *
 * @throws RangeError for a number below 0 or a degree below 1.
 */
export function integerRoot(number: bigint, degree: number): bigint {
  if (number < 0n || degree < 1) {
    throw new RangeError(`integerRoot needs a number from 0 and a degree from 1, got ${degree}`);
  }
  if (number < 2n || degree === 1) return number;
  const power = BigInt(degree);
  // A power of two above the root; from above the steps fall until the root is reached.
  let root = 1n << BigInt(Math.ceil(number.toString(2).length / degree));
  for (;;) {
    const next = ((power - 1n) * root + number / root ** (power - 1n)) / power;
    if (next >= root) return root;
    root = next;
  }
}
