/**
 * Two numbers that make a hundred. Of numbers of two digits they stand in chains, in which the numbers of one node and
 * of the next make 90 or 110, and no others do:
 *
 *   ... -- 42 and 58 -- 52 and 48 -- 62 and 38 -- ...
 */
export interface Node {
  readonly one?: number;
  readonly other?: number;
  /** The first of a chain: nothing before it makes 90 or 110 with it. */
  readonly isFirst: boolean;
  /** Two of the one number make a hundred: 50. */
  readonly isOwnPartner: boolean;
  /** Two of either number make 90 or 110: 45 and 55. */
  readonly isOwnDecoy: boolean;
}

const isTwoDigits = (number: number) => number >= 10 && number <= 99;

function node(number: number, isFirst: boolean): Node {
  const other = 100 - number;
  return {
    ...(isTwoDigits(number) && { one: number }),
    ...(isTwoDigits(other) && other !== number && { other }),
    isFirst,
    isOwnPartner: number === 50,
    isOwnDecoy: number === 45
  };
}

/** All numbers of two digits, each in one node. */
export const nodes: readonly Node[] = [0, 1, 2, 3, 4, 5].flatMap((ones) => {
  // Of numbers that end in 0 or 5 the partner ends alike, so that the chain ends in the middle.
  const tens = ones === 0 ? [1, 2, 3, 4, 5] : ones === 5 ? [0, 1, 2, 3, 4] : [...Array(10).keys()];
  return tens.map((ten, at) => node(10 * ten + ones, at === 0));
});

/** How often the numbers of a node are taken. */
export interface Taken {
  readonly one: number;
  readonly other: number;
}

export const pairsIn = ({ isOwnPartner }: Node, { one, other }: Taken): number =>
  isOwnPartner ? Math.floor(one / 2) : Math.min(one, other);

/** Pairs of 90 and 110 within a node, and with the one before it. */
export function decoysIn(node: Node, taken: Taken, before: Taken): number {
  const { one, other } = taken;
  const own = node.isOwnDecoy ? (one * (one - 1)) / 2 + (other * (other - 1)) / 2 : 0;
  if (node.isFirst) return own;
  const across = node.isOwnPartner
    ? one * (before.one + before.other)
    : one * before.other + other * before.one;
  return own + across;
}
