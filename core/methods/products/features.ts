import { count } from '../../skill/feature';

/** What is held at each digit of each row. */
interface Holding {
  readonly held: readonly number[];
}

/** Features of what is held in rows; `most` columns can hold something, and `columns` says which are counted. */
export const heldFeatures = <Look extends Holding>(most: number, columns: string) => ({
  carries: count<Look>(
    [0, most],
    'Carries',
    `${columns} whose carry is held and then added`,
    (l) => l.held.filter((carry) => carry > 0).length
  ),
  largestCarry: count<Look>(
    [0, 8],
    'Largest carry',
    'the largest of the held carries, 0 if there is none',
    (l) => Math.max(0, ...l.held)
  )
});
