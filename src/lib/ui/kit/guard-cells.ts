import { guardLeaving } from '../guard-leaving';
import type { CellGrid } from './cell-grid.svelte';

/** Asks before a page is left on which a number is not kept yet. */
export function guardCells(grid: CellGrid): void {
  guardLeaving({
    isSaved: () => grid.isSettled,
    settle: async () => {
      if (grid.isUnheard) await grid.again();
      return !grid.isUnheard && grid.problems === 0;
    }
  });
}
