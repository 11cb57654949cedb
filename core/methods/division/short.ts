import { stepOn, unwrittenAt, using, type Step, type StepWords } from '../../working';
import { beginningTo, divided, figureAt, placesFrom, type Dividing } from './partials';

/**
 * From the left: each figure of the quotient, and what is left, put as a small figure before the next:
 *
 *   quotient.n-1, carried.n-2, quotient.n-2, ... carried.0, quotient.0
 *
 * The first partial dividend is read as one: a 0 above its first figures need not be written, nor what they
 * carry along.
 */
export function shortFigures(item: Dividing): Step[] {
  return placesFrom(item).flatMap((p) => {
    const id = `quotient.${p}`;
    const { quotient, left } = divided(id, partialAt(item, p), item.divisor);
    const figure = stepOn(id, quotient, {
      facts: quotient.facts,
      ...(p > item.top && unwrittenAt(0n)),
      label: ({ place }) => `Quotient, ${place(p)}`,
      says: (words) => dividedBy(item, p, words)
    });
    if (p === item.lowest) return [figure];
    const carried = stepOn(`carried.${p - 1}`, left, {
      ...unwrittenAt(p > item.top ? beginningTo(item, p) : 0n),
      label: ({ place }) => `Carried to the ${place(p - 1)}`,
      says: ({ value, place }) => `${value} is left: put it before the ${place(p - 1)}.`
    });
    return [figure, carried];
  });
}

/** What is divided at a place: what was carried there before the figure itself. */
export function partialAt(item: Dividing, place: number) {
  const figure = BigInt(figureAt(item, place));
  return place === placesFrom(item)[0]
    ? using([], () => figure)
    : using([`carried.${place}`], (carried) => 10n * carried + figure);
}

function dividedBy(item: Dividing, p: number, { value, of, write }: StepWords): string {
  const { divisor } = item;
  const carried = p === placesFrom(item)[0] ? 0 : Number(of(`carried.${p}`));
  const partial = 10 * carried + figureAt(item, p);
  return value === '0'
    ? `${write(partial)} is less than ${divisor}: write 0.`
    : `${write(`${partial} / ${divisor}`)}: ${divisor} × ${value} = ${write(divisor * BigInt(value))}. Write ${value}.`;
}
