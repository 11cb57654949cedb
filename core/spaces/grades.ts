import { strides, unpack } from './packing';

/**
 * Packs several small counts into one grade and reads them back. A count whose size is 1 is not told apart:
 * whatever its value, it reads 0.
 */
export class Grades<Name extends string> {
  /** What one more of a count adds to a grade; 0 where it is not told apart. Grades add up as their counts do. */
  readonly one: Readonly<Record<Name, number>>;
  private readonly names: readonly Name[];
  private readonly sizes: readonly number[];
  private readonly known = new Map<number, Readonly<Record<Name, number>>>();

  /** Each count is at least 0 and below its size. */
  constructor(sizes: Readonly<Record<Name, number>>) {
    this.names = Object.keys(sizes) as Name[];
    this.sizes = this.names.map((name) => sizes[name]);
    const weights = strides(this.sizes);
    this.one = Object.fromEntries(
      this.names.map((name, at) => [name, this.sizes[at] === 1 ? 0 : weights[at]!])
    ) as Record<Name, number>;
  }

  pack(counts: Readonly<Record<Name, number>>): number {
    let grade = 0;
    for (const name of this.names) grade += counts[name] * this.one[name];
    return grade;
  }

  read(grade: number): Readonly<Record<Name, number>> {
    let counts = this.known.get(grade);
    if (!counts) {
      const values = unpack(grade, this.sizes);
      counts = Object.fromEntries(this.names.map((name, at) => [name, values[at]!])) as Record<
        Name,
        number
      >;
      this.known.set(grade, counts);
    }
    return counts;
  }
}
