import { accuracy, method, schemeOf, type Scheme } from '../../../schemes';
import type { Given } from '../../../methods/division/look';
import { dividing } from '../../../methods/division/partials';
import { linesNeeded, mostLines } from './chunks';

/**
 * A mark for the first product and what it leaves, one for the rest where there is more, and one for the answer
 * (common practice). In columns each figure of the quotient has a product; in chunks each that is not 0.
 */
export function divisionMarks(given: Given, school: string): Scheme {
  const { top } = dividing(given);
  const products = school === 'chunks' ? linesNeeded(given) : top + 1;
  const [first, rest] = school === 'chunks' ? chunks(mostLines(given)) : columns(top);
  const working = products > 1 ? [method(...first), method(...rest)] : [method(...first, ...rest)];
  return schemeOf(...working, accuracy());
}

/** What earns a method mark, by its first step: the first figure of the quotient, or one further right. */
export function divisionEarns(first: string, given: Given): string {
  return first === 'chunk.0' || first === `quotient.${dividing(given).top}`
    ? 'the first product, and what is left after it'
    : 'the other products, and what is left after each';
}

type Split = readonly [first: readonly string[], rest: readonly string[]];

function columns(top: number): Split {
  const places = Array.from({ length: top + 1 }, (_, at) => top - at);
  const [first, ...rest] = places.map((p) => [
    ...[`quotient.${p}`, `product.${p}`, `remainder.${p}`],
    ...(p > 0 ? [`brought.${p - 1}`] : [])
  ]);
  return [first!, rest.flat()];
}

/** However many multiples a pupil takes away. */
function chunks(most: number): Split {
  const lines = Array.from({ length: most }, (_, at) => [`chunk.${at}`, `left.${at}`]);
  const [first, ...rest] = lines;
  return [first!, rest.flat()];
}
