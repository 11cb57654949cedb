import type { Operation } from '../../../skill/card';

export const situations = [
  'part-part-whole',
  'change',
  'compare',
  'equal-groups',
  'times-as-many',
  'rate'
] as const;
export type Situation = (typeof situations)[number];

/** What the quantities of a situation are to each other, in the order in which a link names them. */
const rolesIn = {
  'part-part-whole': ['part', 'part', 'whole'],
  change: ['start', 'change', 'result'],
  compare: ['reference', 'difference', 'compared'],
  'equal-groups': ['groups', 'each', 'all'],
  'times-as-many': ['factor', 'reference', 'compared'],
  rate: ['amount', 'unit-price', 'total']
} as const satisfies Record<Situation, readonly string[]>;

export type Role = (typeof rolesIn)[Situation][number];

/** All roles that a question can ask for. */
export const roles: readonly Role[] = [...new Set(Object.values(rolesIn).flat())];

/**
 * How some quantities hang together. The last is what the others make: their sum, or their product; with `isDown` it is the
 * first less the second.
 */
export interface Link {
  readonly situation: Situation;
  readonly isDown: boolean;
  readonly quantities: readonly string[];
}

/** Reads a link as a story writes it: `change- start change result`; undefined if it is none. */
export function readLink(text: string): Link | undefined {
  const [head = '', ...quantities] = text.trim().split(/\s+/);
  const [, name, way] = /^([a-z-]*[a-z])([+-]?)$/.exec(head) ?? [];
  const situation = situations.find((one) => one === name);
  if (!situation || new Set(quantities).size !== quantities.length) return undefined;
  const isSigned = situation === 'change' || situation === 'compare';
  const fits =
    quantities.length === 3 || (situation === 'part-part-whole' && quantities.length === 4);
  return fits && isSigned === (way !== '')
    ? { situation, isDown: way === '-', quantities }
    : undefined;
}

/** What a quantity is in a link. */
export function roleIn({ situation, quantities }: Link, id: string): Role {
  const at = quantities.indexOf(id);
  const names = rolesIn[situation];
  return at === quantities.length - 1 ? names[2] : names[Math.min(at, 1)]!;
}

const isSum = ({ situation }: Link): boolean =>
  ['part-part-whole', 'change', 'compare'].includes(situation);

/** What is worked out at a link to find one of its quantities, from the others in the order of the working. */
function operationFor(
  link: Link,
  asked: string
): { readonly operation: Operation; readonly uses: readonly string[] } | undefined {
  const { quantities, isDown } = link;
  const made = quantities.at(-1)!;
  const others = quantities.filter((id) => id !== asked);
  if (isSum(link)) {
    if (!isDown) {
      if (asked === made) return { operation: 'addition', uses: others };
      // Of three parts none is asked for: that would be two operations.
      if (quantities.length > 3) return undefined;
      return { operation: 'subtraction', uses: [made, ...others.filter((id) => id !== made)] };
    }
    const [first, second] = quantities as [string, string];
    if (asked === made) return { operation: 'subtraction', uses: [first, second] };
    return asked === first
      ? { operation: 'addition', uses: [made, second] }
      : { operation: 'subtraction', uses: [first, made] };
  }
  if (asked === made) return { operation: 'multiplication', uses: others };
  return { operation: 'division', uses: [made, ...others.filter((id) => id !== made)] };
}

/** One operation of a problem, before its numbers are known. */
export interface Move {
  readonly link: Link;
  /** What it gives. */
  readonly id: string;
  readonly role: Role;
  readonly operation: Operation;
  readonly uses: readonly string[];
}

/**
 * The operations that lead to a quantity, in the order of the working, when these are told; undefined where they do not
 * suffice. A link finds its last unknown quantity, as soon as there is no other.
 */
export function movesTo(
  links: readonly Link[],
  asked: string,
  told: ReadonlySet<string>
): readonly Move[] | undefined {
  const known = new Set(told);
  const moves: Move[] = [];
  const solve = (link: Link): boolean => {
    const unknown = link.quantities.filter((id) => !known.has(id));
    const [id] = unknown;
    const found = unknown.length === 1 && id !== undefined && operationFor(link, id);
    if (!found) return false;
    known.add(id);
    moves.push({ link, id, role: roleIn(link, id), ...found });
    return true;
  };
  while (!known.has(asked)) if (!links.some(solve)) return undefined;
  return neededFor(moves, asked);
}

/** Those of some moves that what is asked follows from. */
function neededFor(moves: readonly Move[], asked: string): readonly Move[] {
  const needed = new Set([asked]);
  for (const { id, uses } of [...moves].reverse()) {
    if (needed.has(id)) uses.forEach((used) => needed.add(used));
  }
  return moves.filter(({ id }) => needed.has(id));
}
