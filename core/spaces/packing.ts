/**
 * Weights that pack several small whole numbers into one: the sum of value x stride, each value below its
 * size. The sizes must multiply to less than 2^53.
 */
export function strides<const Sizes extends readonly number[]>(
  sizes: Sizes
): { [At in keyof Sizes]: number } {
  let product = 1;
  const weights = sizes.map((size) => {
    const stride = product;
    product *= size;
    return stride;
  });
  if (product > Number.MAX_SAFE_INTEGER) {
    throw new RangeError(`strides: sizes ${sizes.join(' x ')} do not fit into a safe whole number`);
  }
  return weights as { [At in keyof Sizes]: number };
}

/** The values that were packed with `strides(sizes)`. */
export function unpack<const Sizes extends readonly number[]>(
  code: number,
  sizes: Sizes
): { [At in keyof Sizes]: number } {
  let rest = code;
  const values = sizes.map((size) => {
    const value = rest % size;
    rest = Math.floor(rest / size);
    return value;
  });
  return values as { [At in keyof Sizes]: number };
}

/** All lists of whole numbers from 0 up to these, each up to its own. */
export function vectorsUpTo(limits: readonly number[]): number[][] {
  return limits.reduce<number[][]>(
    (vectors, limit) =>
      vectors.flatMap((vector) =>
        Array.from({ length: limit + 1 }, (_, value) => [...vector, value])
      ),
    [[]]
  );
}
