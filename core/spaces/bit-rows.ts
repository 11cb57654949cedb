/** Rows of members, each a set of small whole numbers below `width`, kept as bits: counted and ranked by rows. */
export class BitRows {
  /** How many members each row has. */
  readonly counts: Float64Array;
  private readonly words: Uint32Array;
  private readonly wordsPerRow: number;

  constructor(rows: number, width: number) {
    this.wordsPerRow = Math.ceil(width / 32);
    this.counts = new Float64Array(rows);
    this.words = new Uint32Array(rows * this.wordsPerRow);
  }

  /** Puts a member that is not there yet into a row. */
  add(row: number, member: number): void {
    this.words[row * this.wordsPerRow + (member >> 5)]! |= 1 << (member & 31);
    this.counts[row]!++;
  }

  /** The member of an index below the row's count, in rising order. */
  at(row: number, index: number): number {
    let left = index;
    for (let word = 0; word < this.wordsPerRow; word++) {
      let bits = this.words[row * this.wordsPerRow + word]!;
      const ones = bitCount(bits);
      if (left >= ones) {
        left -= ones;
        continue;
      }
      // Taking 1 away and keeping common bits clears the lowest one.
      for (; left > 0; left--) bits &= bits - 1;
      return word * 32 + (31 - Math.clz32(bits & -bits));
    }
    throw new RangeError(`BitRows: row ${row} has no member ${index}`);
  }
}

/** How many bits of a 32-bit word are set (Warren, Hacker's Delight, section 5-1). */
function bitCount(word: number): number {
  let bits = word - ((word >>> 1) & 0x55555555);
  bits = (bits & 0x33333333) + ((bits >>> 2) & 0x33333333);
  return (((bits + (bits >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}
