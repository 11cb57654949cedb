import type { HouseStyle } from '../../../house-style';
import {
  divisionFrame,
  squareCell,
  step,
  stepOn,
  unwrittenAt,
  using,
  type Layout,
  type Step,
  type StepWords
} from '../../../working';
import { quotientAcross } from '../../division/answer';
import type { Given } from '../../division/look';
import { dividing } from '../../division/partials';

/**
 * Each figure of the quotient, its product taken away, and the next digit brought down to what is left:
 *
 *   quotient.p --> product.p --> remainder.p --> brought.p-1 --> quotient.p-1 ... --> answer
 *
 * What is left is seen with the digit that is brought down to it, so that before the end it need not be written
 * by itself. Nor need the zeros above the first figures, nor what 0 times the divisor is.
 */
export function columnSteps(given: Given): Step[] {
  const item = dividing(given);
  const places = item.digits.map((_, at) => item.digits.length - 1 - at);
  const last = using(['remainder.0'], (left) => left);
  return [...places.flatMap((p) => stepsAt(given, p)), quotientAcross(item, last)];
}

function stepsAt(given: Given, p: number): Step[] {
  const { digits, top, divisor, remainder } = dividing(given);
  const label =
    (what: string) =>
    ({ place }: StepWords) =>
      `${what}, ${place(p)}`;
  const quotient = { label: label('Quotient') };
  if (p > top) return [step(`quotient.${p}`, [], () => 0n, { ...quotient, ...unwrittenAt(0n) })];
  const beginning = BigInt(given.dividend.slice(0, digits.length - p));
  const brought = p === top ? [] : [`brought.${p}`];
  /** A rule over what is divided here, and over what other steps say. */
  const over = (more: readonly string[], rule: (partial: bigint, ...others: bigint[]) => bigint) =>
    using([...more, ...brought], (...values) => {
      const partial = p === top ? beginning : values.at(-1)!;
      const value = rule(partial, ...values);
      return value < 0n ? undefined : value;
    });
  const isLast = p === 0;
  const digit = isLast ? 0n : BigInt(digits[p - 1]!);
  const figure = over([], (partial) => partial / divisor);
  const left = over([`product.${p}`], (partial, product) => partial - product);
  const steps = [
    stepOn(`quotient.${p}`, figure, {
      ...quotient,
      says: ({ value, of, write }) => {
        const partial = p === top ? write(beginning) : of(`brought.${p}`);
        return value === '0'
          ? `${partial} is less than ${divisor}: write 0.`
          : `${divisor} goes into ${partial} ${value === '1' ? 'once' : `${value} times`}. Write ${value}.`;
      }
    }),
    step(`product.${p}`, [`quotient.${p}`], (value) => value * divisor, {
      ...unwrittenAt(0n),
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
 * The quotient above the dividend; below it by turns a product, ruled off, and what is left with the digit brought
 * down, each ending under the digit it belongs to. The whole answer stands below.
 */
export function columnSheet(given: Given, style: HouseStyle): Layout {
  const { x, top, layout } = divisionFrame(given, style);
  const item = dividing(given);
  const squares = given.divisor.length + 1;
  const under = (id: string, place: number, y: number) =>
    squareCell(id, { x: x(place) - squares + 1, y, width: squares, isSpaced: true });
  const rows = Array.from({ length: item.top + 1 }, (_, at) => item.top - at);
  const rowOf = (place: number) => top + 2 + 2 * (item.top - place);
  return layout(
    rowOf(0) + 3,
    [
      ...item.digits.map((_, place) => squareCell(`quotient.${place}`, { x: x(place), y: top })),
      ...rows.flatMap((place) => [
        under(`product.${place}`, place, rowOf(place)),
        place === 0
          ? under('remainder.0', 0, rowOf(0) + 1)
          : under(`brought.${place - 1}`, place - 1, rowOf(place) + 1)
      ])
    ],
    rows.map((place) => ({
      x1: x(place) - squares + 1,
      y1: rowOf(place) + 1,
      x2: x(place) + 1,
      y2: rowOf(place) + 1
    }))
  );
}
