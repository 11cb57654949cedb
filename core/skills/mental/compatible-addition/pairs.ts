export interface Given {
  readonly addends: string[];
}

/** The numbers of a sum with what they make two by two. */
export interface Look {
  readonly numbers: readonly number[];
  readonly pairs: number;
  /** The pairs that make a hundred. */
  readonly taken: readonly (readonly [number, number])[];
  /** The numbers that the best pairs leave, in their order. */
  readonly left: readonly number[];
}

/**
 * As many pairs that make a hundred as there are: each number goes with the first later one that makes a hundred with
 * it, which is never worse than waiting, as only equal numbers make a hundred with the same.
 */
export function look({ addends }: Given): Look {
  const numbers = addends.map(Number);
  const isTaken = numbers.map(() => false);
  const taken: [number, number][] = [];
  numbers.forEach((number, at) => {
    if (isTaken[at]) return;
    const partner = numbers.findIndex(
      (other, place) => place > at && !isTaken[place] && number + other === 100
    );
    if (partner < 0) return;
    isTaken[at] = isTaken[partner] = true;
    taken.push([number, numbers[partner]!]);
  });
  return { numbers, taken, pairs: taken.length, left: numbers.filter((_, at) => !isTaken[at]) };
}

/** Whether two numbers look as if they made a hundred: they make 90 or 110. */
const isDecoy = (one: number, other: number): boolean => one + other === 90 || one + other === 110;

export const countDecoys = ({ numbers }: Look): number =>
  numbers.reduce(
    (sum, one, at) => sum + numbers.slice(at + 1).filter((other) => isDecoy(one, other)).length,
    0
  );

export const countAdjacent = ({ numbers }: Look): number =>
  numbers.filter((one, at) => one + (numbers[at + 1] ?? 0) === 100).length;

/** Of the numbers that are left the first two, in order, that are a decoy. */
export function firstDecoy({ left }: Look): readonly [number, number] | undefined {
  for (const [at, one] of left.entries()) {
    const other = left.slice(at + 1).find((later) => isDecoy(one, later));
    if (other !== undefined) return [one, other];
  }
  return undefined;
}
