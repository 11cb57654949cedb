import { constant, type Replacement } from '../../../working';
import { total } from './columns';

type Columns = readonly (readonly number[])[];
type Rules = Record<string, Replacement>;

/** No carry into these places. */
export const noCarries = (places: readonly number[]): Rules =>
  Object.fromEntries(places.map((place) => [`carry.${place}`, constant(0n)]));

/** Every carry is ignored but the last, so that the leftmost total is written whole. */
export function carriesDropped(columns: Columns, lowest = 0): Rules {
  return noCarries(columns.slice(1).map((_, at) => lowest + at + 1));
}

/** Each column's own total is written whole. */
export function totalsWritten(columns: Columns, lowest = 0): Rules {
  const places = columns.map((_, at) => lowest + at);
  return {
    ...Object.fromEntries(
      columns.map((column, at) => [`digit.${lowest + at}`, constant(total(column))])
    ),
    ...noCarries(places.map((place) => place + 1))
  };
}
