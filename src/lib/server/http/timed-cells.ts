import type { TimedEntry, TimedPlace } from '../database/people/timed';

/** The kinds in the order of the columns: of each sheet a score, then a time. */
const kinds = ['score', 'seconds'] as const;

/** The column of a score or a time in the grid of a class. */
const columnOf = ({ sheet, kind }: TimedPlace): number =>
  kinds.length * sheet + kinds.indexOf(kind);

/** What stands in a column. */
export function placeIn(column: number): Omit<TimedPlace, 'pupilId'> {
  return { sheet: Math.floor(column / kinds.length), kind: kinds[column % kinds.length]! };
}

/** Scores and times as the cells of a grid, a row a pupil. */
export function timedCells(entries: readonly TimedEntry[]) {
  return Object.fromEntries(
    entries.map(({ value, version, ...place }) => [
      `${place.pupilId}/${columnOf(place)}`,
      { value, version }
    ])
  );
}
