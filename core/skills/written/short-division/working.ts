import type { HouseStyle } from '../../../house-style';
import {
  corner,
  divisionFrame,
  squareCell,
  stepOn,
  unwrittenAt,
  using,
  type Layout,
  type Step,
  type StepWords
} from '../../../working';
import { quotientAcross } from '../../division/answer';
import type { Given } from '../../division/look';
import { divided, dividing, leftOf, type Dividing } from '../../division/partials';

/**
 * From the left: each figure of the quotient, and what is left, put as a small figure before the next:
 *
 *   quotient.n-1, carried.n-2, quotient.n-2, ... carried.0, quotient.0 --> answer
 *
 * The first partial dividend is read as one: a 0 above its first figures need not be written, nor what they
 * carry along.
 */
export function shortSteps(given: Given): Step[] {
  const item = dividing(given);
  const places = item.digits.map((_, place) => place).reverse();
  const steps = places.flatMap((p) => {
    const { quotient, left } = divided(`quotient.${p}`, partialAt(item, p), item.divisor);
    const figure = stepOn(`quotient.${p}`, quotient, {
      facts: quotient.facts,
      ...(p > item.top && unwrittenAt(0n)),
      label: ({ place }) => `Quotient, ${place(p)}`,
      says: (words) => dividedBy(item, p, words)
    });
    if (p === 0) return [figure];
    const carried = stepOn(`carried.${p - 1}`, left, {
      ...unwrittenAt(p > item.top ? BigInt(given.dividend.slice(0, -p)) : 0n),
      label: ({ place }) => `Carried to the ${place(p - 1)}`,
      says: ({ value, place }) => `${value} is left: put it before the ${place(p - 1)}.`
    });
    return [figure, carried];
  });
  return [...steps, quotientAcross(item, leftOf(partialAt(item, 0), item.divisor, 'quotient.0'))];
}

/** What is divided at a place: what was carried there before the figure itself. */
export function partialAt({ digits }: Dividing, place: number) {
  const figure = BigInt(digits[place]!);
  return place === digits.length - 1
    ? using([], () => figure)
    : using([`carried.${place}`], (carried) => 10n * carried + figure);
}

function dividedBy(
  { digits, divisor }: Dividing,
  p: number,
  { value, of, write }: StepWords
): string {
  const carried = p === digits.length - 1 ? 0 : Number(of(`carried.${p}`));
  const partial = 10 * carried + digits[p]!;
  return value === '0'
    ? `${write(partial)} is less than ${divisor}: write 0.`
    : `${write(`${partial} / ${divisor}`)}: ${divisor} × ${value} = ${write(divisor * BigInt(value))}. Write ${value}.`;
}

/** The dividend under its bar, the divisor before it, the quotient above; the whole answer stands below. */
export function shortSheet({ dividend, divisor }: Given, style: HouseStyle): Layout {
  const { x, top, layout } = divisionFrame({ dividend, divisor }, style);
  const places = [...dividend].map((_, at) => dividend.length - 1 - at);
  return layout(top + 3, [
    ...places.map((place) => squareCell(`quotient.${place}`, { x: x(place), y: top })),
    ...places.slice(1).map((place) => corner(`carried.${place}`, x(place), top + 1, style))
  ]);
}
