import { compareDecimals, parseDecimal, unitsTo, type Decimal } from '../../../numbers';
import { ANSWER, wholeNumber, type Graph, type Step, type Value } from '../../../working';
import type { Given } from './numbers';
import { decimalNumber, givenForm, listOfDecimals, misplaced } from './readings';

/**
 * Each number is padded to the same places, so that all can be compared as whole numbers of the smallest
 * place; then each gets its rank in the order asked for:
 *
 *   padded.0, padded.1, ... --> rank.0, rank.1, ... --> answer
 */
export function orderGraph({ numbers, order }: Given): Graph {
  const decimals = numbers.map((number) => parseDecimal(number)!);
  const places = Math.max(...decimals.map((decimal) => decimal.places));
  const padded = decimals.map((decimal): Decimal => ({ units: unitsTo(decimal, places), places }));
  const paddedIds = numbers.map((_, at) => `padded.${at}`);
  const direction = order === 'ascending' ? 1 : -1;
  return {
    steps: [
      ...padded.map((value, at): Step => ({
        id: paddedIds[at]!,
        kind: 'padded',
        place: at,
        uses: [],
        rule: () => value,
        reading: decimalNumber,
        silentAt: value,
        modelled: true
      })),
      ...numbers.map((_, at): Step => ({
        id: `rank.${at}`,
        kind: 'rank',
        place: at,
        uses: paddedIds,
        rule: (get) => {
          const values = paddedIds.map((id) => get(id) as Decimal | undefined);
          return values.includes(undefined)
            ? undefined
            : rankAmong(
                at,
                values as Decimal[],
                (one, other) => direction * compareDecimals(one, other)
              );
        },
        reading: wholeNumber
      })),
      {
        id: ANSWER,
        kind: ANSWER,
        uses: numbers.map((_, at) => `rank.${at}`),
        rule: (get) =>
          byRank(
            decimals,
            numbers.map((_, at) => get(`rank.${at}`))
          ),
        reading: listOfDecimals,
        assembled: true,
        form: givenForm(numbers),
        slips: misplaced
      }
    ]
  };
}

/** One more than the values that come before it; undefined where another stands in the same place. */
export function rankAmong<T>(
  at: number,
  values: readonly T[],
  compare: (one: T, other: T) => number
): bigint | undefined {
  const signs = values.map((value) => compare(value, values[at]!));
  if (signs.filter((sign) => sign === 0).length > 1) return undefined;
  return BigInt(1 + signs.filter((sign) => sign < 0).length);
}

/** The numbers in the order of their ranks; undefined unless the ranks are 1 to n, each once. */
function byRank(
  numbers: readonly Decimal[],
  ranks: readonly (Value | undefined)[]
): Decimal[] | undefined {
  const ordered = numbers.map((_, place) => {
    const at = ranks.indexOf(BigInt(place + 1));
    return at < 0 ? undefined : numbers[at];
  });
  return ordered.includes(undefined) ? undefined : (ordered as Decimal[]);
}
