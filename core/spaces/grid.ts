import { itemSpace, some, type ItemSpace, type Told } from './item-space';
import type { Range } from './counter';

/** Items that stand in a table, several in a cell: too many to keep a bit for each. */
export interface Grid<T> {
  readonly rows: Range;
  readonly columns: Range;
  /** Items in a cell. */
  weight(row: number, column: number): number;
  member(row: number, column: number, index: number): T;
  /** What items have in common, and how many do, where some features are asked after. */
  told(names: readonly string[]): Iterable<readonly [features: Told, items: number]>;
  usable?(): bigint;
}

/** The space of a table: the items before each row are kept, and the cells of a row are gone through. */
export function gridItems<T>({
  rows,
  columns,
  weight,
  member,
  told,
  usable
}: Grid<T>): ItemSpace<T> {
  const inRow = (row: number) => {
    let sum = 0;
    for (let column = columns.min; column <= columns.max; column++) sum += weight(row, column);
    return sum;
  };
  return itemSpace({
    build() {
      const upTo = new Float64Array(Math.max(0, rows.max - rows.min + 1) + 1);
      for (let row = rows.min; row <= rows.max; row++) {
        upTo[row - rows.min + 1] = upTo[row - rows.min]! + inRow(row);
      }
      const count = BigInt(upTo.at(-1)!);
      return {
        count,
        at(rank) {
          if (rank < 0n || rank >= count) {
            throw new RangeError(`a rank from 0 to ${count - 1n} is needed, got ${rank}`);
          }
          const at = lastNotAbove(upTo, Number(rank));
          let left = Number(rank) - upTo[at]!;
          let column = columns.min;
          for (; ; column++) {
            const members = weight(rows.min + at, column);
            if (left < members) return member(rows.min + at, column, left);
            left -= members;
          }
        }
      };
    },
    count() {
      let sum = 0;
      for (let row = rows.min; row <= rows.max; row++) sum += inRow(row);
      return BigInt(sum);
    },
    any() {
      for (let row = rows.min; row <= rows.max; row++) if (inRow(row) > 0) return true;
      return false;
    },
    ...(usable && { usable }),
    *endings(names) {
      for (const [features, items] of told(names)) {
        yield { features: some(features, names), count: BigInt(items) };
      }
    }
  });
}

/** The last place of a rising list with a number that is not above another; those after it are. */
function lastNotAbove(rising: Float64Array, number: number): number {
  let [low, high] = [0, rising.length - 2];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (rising[middle]! <= number) low = middle;
    else high = middle - 1;
  }
  return low;
}
