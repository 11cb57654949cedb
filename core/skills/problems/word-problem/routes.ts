import type { Operation } from '../../../skill/card';
import type { PlotMove } from './plot';

/**
 * Another way round two operations, of which the second uses what the first gives: `(a + b) ÷ c` is `a ÷ c` and then
 * `+ b ÷ c`. Names are those of quantities; `r` is what the first operation gave.
 */
export interface Route {
  readonly first: Calculation;
  readonly then: Then;
}

export interface Calculation {
  readonly operation: Operation;
  readonly names: readonly [string, string];
}

/** The second operation: with `r` on one side, and on the other a quantity, or two that are worked together. */
interface Then {
  readonly operation: Operation;
  readonly isFirst: boolean;
  readonly other: string | Calculation;
}

const operations: readonly Operation[] = ['addition', 'subtraction', 'multiplication', 'division'];

const worth = (operation: Operation, one: number, other: number): number => {
  switch (operation) {
    case 'addition':
      return one + other;
    case 'subtraction':
      return one - other;
    case 'multiplication':
      return one * other;
    case 'division':
      return one / other;
  }
};

/** Numbers that have nothing to do with each other: two ways that agree on all of them are the same. */
const TRIALS = [
  [3.1, 7.3, 11.9, 19.7],
  [13.3, 2.7, 5.9, 23.1],
  [1.9, 17.1, 8.3, 4.7]
];

/** All other ways round a pair of operations: those that are the same whatever the numbers are. */
export function routesAround(one: PlotMove, next: PlotMove): Route[] {
  if (!next.uses.includes(one.id) || one.uses.length !== 2 || next.uses.length !== 2) return [];
  const names = [...new Set([...one.uses, ...next.uses.filter((id) => id !== one.id)])];
  const [x, y] = one.uses as [string, string];
  const isUsual = (first: Calculation) =>
    first.operation === one.operation &&
    first.names.includes(x) &&
    first.names.includes(y) &&
    (first.names[0] === x || one.operation === 'addition' || one.operation === 'multiplication');
  const trials = TRIALS.map((numbers) => new Map(names.map((name, at) => [name, numbers[at]!])));
  const targets = trials.map((values) => targetOf(one, next, values));
  const reaches = (first: Calculation, then: Then) =>
    trials.every((values, at) => {
      const found = valueOf(then, calculated(first, values), values);
      return Math.abs(found - targets[at]!) < 1e-9 * Math.abs(targets[at]!);
    });
  return calculations(names)
    .filter((first) => !isUsual(first))
    .flatMap((first) =>
      followUps(names, first)
        .filter((then) => reaches(first, then))
        .map((then) => ({ first, then }))
    );
}

function targetOf(one: PlotMove, next: PlotMove, values: ReadonlyMap<string, number>): number {
  const found = worth(one.operation, values.get(one.uses[0]!)!, values.get(one.uses[1]!)!);
  const value = (id: string) => (id === one.id ? found : values.get(id)!);
  return worth(next.operation, value(next.uses[0]!), value(next.uses[1]!));
}

const calculated = (
  { operation, names }: Calculation,
  values: ReadonlyMap<string, number>
): number => worth(operation, values.get(names[0])!, values.get(names[1])!);

function valueOf(
  { operation, isFirst, other }: Then,
  found: number,
  values: ReadonlyMap<string, number>
): number {
  const beside = typeof other === 'string' ? values.get(other)! : calculated(other, values);
  return isFirst ? worth(operation, found, beside) : worth(operation, beside, found);
}

function calculations(names: readonly string[]): Calculation[] {
  const pairs = names.flatMap((one) =>
    names.filter((other) => other !== one).map((other) => [one, other] as const)
  );
  return pairs.flatMap((pair) => operations.map((operation) => ({ operation, names: pair })));
}

/** What can be done next with each quantity that is still unused, alone or worked with another. */
function followUps(names: readonly string[], first: Calculation): Then[] {
  const unused = names.filter((name) => !first.names.includes(name));
  const others = [
    ...unused,
    ...calculations(names).filter(({ names }) => unused.every((name) => names.includes(name)))
  ];
  return others.flatMap((other) =>
    operations.flatMap((operation) =>
      [true, false].map((isFirst) => ({ operation, isFirst, other }))
    )
  );
}
