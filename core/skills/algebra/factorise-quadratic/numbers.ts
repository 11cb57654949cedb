import * as z from 'zod/mini';
import { expand, gcdOfSmall, parseProduct, polynomial, printPolynomial } from '../../../numbers';
import { givenFrom, type GivenForm } from '../../../skill/given/form';

export const LARGEST_LEADING = 24;
export const LARGEST_COEFFICIENT = 200;

const coefficient = z.int().check(z.minimum(-LARGEST_COEFFICIENT), z.maximum(LARGEST_COEFFICIENT));

/** a, b and c of ax² + bx + c. */
const schema = z.strictObject({
  a: z.int().check(
    z.minimum(-LARGEST_LEADING),
    z.maximum(LARGEST_LEADING),
    z.refine((a) => a !== 0, 'must not be 0')
  ),
  b: coefficient,
  c: coefficient
});

export type Given = z.infer<typeof schema>;

export const given: GivenForm<Given> = {
  schema,
  howToType:
    'Write ax² + bx + c, like 6x^2 + 11x + 4; a from -24 to 24, b and c to 200 either way.',
  print: ({ a, b, c }) => printPolynomial(polynomial([c, b, a].map(BigInt))),
  parse(line) {
    const product = parseProduct(line);
    // Factors may be typed as well: the item is what they multiply out to.
    const [c = 0n, b = 0n, a = 0n, more] = product ? expand(product) : [];
    if (more !== undefined) return undefined;
    return givenFrom(schema, { a: Number(a), b: Number(b), c: Number(c) });
  }
};

/** Greatest common factor of the coefficients, positive. */
export function contentOfQuadratic({ a, b, c }: Given): number {
  return gcdOfSmall(gcdOfSmall(a, b), c);
}

/** The number to take out: the content, negative where a is; nothing where nothing comes of it. */
export function numberToTakeOut(given: Given): bigint {
  const content = contentOfQuadratic(given);
  return content === 1 && !isFactorable(given) ? 1n : BigInt(content * Math.sign(given.a));
}

/** The quadratic without what is taken out: what is left to split. */
export function reduced(given: Given): Given {
  const divisor = Number(numberToTakeOut(given));
  // Adding 0 keeps -0 out.
  return { a: given.a / divisor, b: given.b / divisor + 0, c: given.c / divisor + 0 };
}

/** b² - 4ac. */
export function discriminant({ a, b, c }: Given): number {
  return b * b - 4 * a * c;
}

/**
 * Whether it splits into linear factors over the integers: exactly when the discriminant is a perfect
 * square (Gauss's lemma).
 */
export function isFactorable(given: Given): boolean {
  const d = discriminant(given);
  return d >= 0 && Number.isInteger(Math.sqrt(d));
}
