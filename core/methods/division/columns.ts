import {
  squareCell,
  step,
  stepOn,
  unwrittenAt,
  using,
  type Cell,
  type DivisionFrame,
  type Line,
  type Step,
  type StepWords
} from '../../working';
import { beginningTo, figureAt, placesFrom, type Dividing } from './partials';

/**
 * Each figure of the quotient, its product taken away, and the next digit brought down to what is left:
 *
 *   quotient.p --> product.p --> remainder.p --> brought.p-1 --> quotient.p-1 ...
 *
 * What is left is seen with the digit that is brought down to it, so that before the end it need not be written
 * by itself. Nor need the zeros above the first figures, nor what 0 times the divisor is, though examples show it.
 */
export function columnFigures(item: Dividing): Step[] {
  return placesFrom(item).flatMap((p) => stepsAt(item, p));
}

function stepsAt(item: Dividing, p: number): Step[] {
  const { top, lowest, divisor, remainder } = item;
  const label =
    (what: string) =>
    ({ place }: StepWords) =>
      `${what}, ${place(p)}`;
  const quotient = { label: label('Quotient') };
  if (p > top) return [step(`quotient.${p}`, [], () => 0n, { ...quotient, ...unwrittenAt(0n) })];
  const beginning = beginningTo(item, p);
  const brought = p === top ? [] : [`brought.${p}`];
  /** A rule over what is divided here, and over what other steps say. */
  const over = (more: readonly string[], rule: (partial: bigint, ...others: bigint[]) => bigint) =>
    using([...more, ...brought], (...values) => {
      const partial = p === top ? beginning : values.at(-1)!;
      const value = rule(partial, ...values);
      return value < 0n ? undefined : value;
    });
  const isLast = p === lowest;
  const digit = isLast ? 0n : BigInt(figureAt(item, p - 1));
  const figure = over([], (partial) => partial / divisor);
  const left = over([`product.${p}`], (partial, product) => partial - product);
  const steps = [
    stepOn(`quotient.${p}`, figure, {
      ...quotient,
      says: ({ value, of, write }) => {
        const partial = p === top ? write(beginning) : of(`brought.${p}`);
        return value === '0'
          ? `${partial} is less than ${divisor}: write 0.`
          : `${divisor} goes into ${partial}: ${value === '1' ? 'once' : `${value} times`}. Write ${value}.`;
      }
    }),
    step(`product.${p}`, [`quotient.${p}`], (value) => value * divisor, {
      // The zero line may be left out; an example writes it.
      ...unwrittenAt(0n),
      modelled: true,
      label: label('Product'),
      says: ({ value, of }) => `${of(`quotient.${p}`)} × ${divisor} = ${value}.`
    }),
    stepOn(`remainder.${p}`, left, {
      ...(!isLast && { silentAt: beginning % divisor }),
      ...(isLast && remainder === 0n && { silentAt: 0n, modelled: true }),
      label: label('What is left'),
      says: ({ value }) => (value === '0' ? 'Nothing is left.' : `${value} is left.`)
    })
  ];
  if (isLast) return steps;
  const down = step(`brought.${p - 1}`, [`remainder.${p}`], (rest) => 10n * rest + digit, {
    label: ({ place }) => `Brought down, ${place(p - 1)}`,
    says: ({ value, of }) => `${of(`remainder.${p}`)} is left. Bring down the ${digit}: ${value}.`
  });
  return [...steps, down];
}

/**
 * Under the dividend by turns a product, ruled off, and what is left with the digit brought down, each ending
 * under the digit it belongs to; `end` is the row below them.
 */
export function columnRows(item: Dividing, { x, row }: DivisionFrame) {
  const { lowest } = item;
  const squares = String(item.divisor).length + 1;
  const under = (id: string, place: number, y: number) =>
    squareCell(id, { x: x(place) - squares + 1, y, width: squares, isSpaced: true });
  const rows = placesFrom(item).filter((place) => place <= item.top);
  const rowOf = (place: number) => row + 1 + 2 * (item.top - place);
  const cells: Cell[] = rows.flatMap((place) => [
    under(`product.${place}`, place, rowOf(place)),
    place === lowest
      ? under(`remainder.${place}`, place, rowOf(place) + 1)
      : under(`brought.${place - 1}`, place - 1, rowOf(place) + 1)
  ]);
  const rules: Line[] = rows.map((place) => {
    const y = rowOf(place) + 1;
    return { x1: x(place) - squares + 1, y1: y, x2: x(place) + 1, y2: y };
  });
  return { cells, rules, end: rowOf(lowest) + 2 };
}
