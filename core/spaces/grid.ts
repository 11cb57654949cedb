import { itemSpace, some, type ItemSpace, type Told } from './item-space';
import type { Range } from './counter';
import { firstWhere } from './binary-search';
import { ranked } from './space';
import { spendOn } from './spending';

/** Items that stand in a table, several in a cell: too many for each to be remembered. */
export interface Grid<T> {
  readonly rows: Range;
  /** Items in each cell of a row; the list may be used again for the next. */
  weights(row: number): ArrayLike<number>;
  /** An item of a cell, of which the place in its row is given. */
  member(row: number, at: number, index: number): T;
  /** What items have in common, and how many do, where some features are asked after. */
  told(names: readonly string[]): Iterable<readonly [features: Told, items: number]>;
  count(): number;
  usable?(): bigint;
}

/** The space of a table: the items before each row are kept, and the cells of a row are gone through. */
export function gridItems<T>({
  rows,
  weights,
  member,
  told,
  count,
  usable
}: Grid<T>): ItemSpace<T> {
  const inRow = (row: number) => {
    const cells = weights(row);
    spendOn(cells.length);
    let sum = 0;
    for (let at = 0; at < cells.length; at++) sum += cells[at]!;
    return sum;
  };
  return itemSpace({
    build() {
      const upTo = new Float64Array(Math.max(0, rows.max - rows.min + 1) + 1);
      for (let row = rows.min; row <= rows.max; row++) {
        upTo[row - rows.min + 1] = upTo[row - rows.min]! + inRow(row);
      }
      return ranked(BigInt(upTo.at(-1)!), (rank) => {
        const row = firstWhere(upTo.length - 1, (place) => upTo[place + 1]! > Number(rank));
        const cells = weights(rows.min + row);
        let left = Number(rank) - upTo[row]!;
        let at = 0;
        while (left >= cells[at]!) left -= cells[at++]!;
        return member(rows.min + row, at, left);
      });
    },
    count: () => BigInt(count()),
    ...(usable && { usable }),
    *endings(names) {
      for (const [features, items] of told(names)) {
        yield { features: some(features, names), count: BigInt(items) };
      }
    }
  });
}
