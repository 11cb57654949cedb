import { firstWhere } from './binary-search';

/** Words of 32 bits between two running totals. */
const BLOCK = 16;

/** A set of whole numbers below `size`, one bit each, whose members are ranked in rising order. */
export class BitIndex {
  private readonly words: Uint32Array;
  /** Members before each block, worked out when a rank is first asked for. */
  private upTo: Float64Array | undefined;

  constructor(size: number) {
    this.words = new Uint32Array(Math.ceil(size / 32));
  }

  /** Puts a number into the set; all are put in before a rank is asked for. */
  add(member: number): void {
    this.words[member >>> 5]! |= 1 << (member & 31);
  }

  get count(): number {
    return this.totals().at(-1)!;
  }

  /** The member of an index below the count. */
  at(index: number): number {
    const totals = this.totals();
    const block = firstWhere(totals.length - 1, (place) => totals[place + 1]! > index);
    let left = index - totals[block]!;
    for (let word = block * BLOCK; word < this.words.length; word++) {
      let bits = this.words[word]!;
      const ones = bitCount(bits);
      if (left >= ones) {
        left -= ones;
        continue;
      }
      // Taking 1 away and keeping common bits clears the lowest one.
      for (; left > 0; left--) bits &= bits - 1;
      return word * 32 + (31 - Math.clz32(bits & -bits));
    }
    throw new RangeError(`BitIndex: there is no member ${index}`);
  }

  private totals(): Float64Array {
    if (this.upTo) return this.upTo;
    const blocks = Math.max(1, Math.ceil(this.words.length / BLOCK));
    const upTo = new Float64Array(blocks + 1);
    this.words.forEach((bits, word) => (upTo[Math.floor(word / BLOCK) + 1]! += bitCount(bits)));
    for (let block = 0; block < blocks; block++) upTo[block + 1]! += upTo[block]!;
    this.upTo = upTo;
    return upTo;
  }
}

/** How many bits of a 32-bit word are set (Warren, Hacker's Delight, section 5-1). */
export function bitCount(word: number): number {
  let bits = word - ((word >>> 1) & 0x55555555);
  bits = (bits & 0x33333333) + ((bits >>> 2) & 0x33333333);
  return (((bits + (bits >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}
