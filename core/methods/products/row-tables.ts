/** What is true of single rows, for multiplicands below 10,000. */
interface RowTables {
  /** Held carries of multiplicand x digit, at `10 * multiplicand + digit`, and the largest of them. */
  readonly heldCount: Uint8Array;
  readonly heldLargest: Uint8Array;
  readonly zeroCount: Uint8Array;
  /** Bit d is set if digit d (2 to 9) stands in the number. */
  readonly digitMask: Uint16Array;
}

let tables: RowTables | undefined;

/** The tables, built when they are first asked for. */
export function rowTables(): RowTables {
  tables ??= buildRowTables(10_000);
  return tables;
}

function buildRowTables(limit: number): RowTables {
  const heldCount = new Uint8Array(limit * 10);
  const heldLargest = new Uint8Array(limit * 10);
  const zeroCount = new Uint8Array(limit);
  const digitMask = new Uint16Array(limit);
  for (let number = 1; number < limit; number++) {
    for (let rest = number; rest > 0; rest = Math.floor(rest / 10)) {
      const digit = rest % 10;
      if (digit === 0) zeroCount[number]!++;
      if (digit >= 2) digitMask[number]! |= 1 << digit;
    }
    for (let m = 0; m < 10; m++) {
      let carry = 0;
      for (let rest = number; rest >= 10; rest = Math.floor(rest / 10)) {
        carry = Math.floor(((rest % 10) * m + carry) / 10);
        if (carry > 0) heldCount[number * 10 + m]!++;
        if (carry > heldLargest[number * 10 + m]!) heldLargest[number * 10 + m] = carry;
      }
    }
  }
  return { heldCount, heldLargest, zeroCount, digitMask };
}
