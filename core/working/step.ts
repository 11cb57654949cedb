import { wholeNumber, type Value } from '../numbers';
import {
  stepOf,
  type Get,
  type Graph,
  type Replacement,
  type Replacements,
  type Step
} from './graph';

/** What a step or a replacement follows from: the steps it uses, and its rule over their values. */
type Uses = Pick<Step, 'uses' | 'rule'>;

/** All of a step but what makes it one; the kind, place and reading are the usual ones unless named. */
export type StepMore = Partial<Omit<Step, 'id' | 'uses' | 'rule'>>;

/** A rule over the whole numbers at some steps; no value where one of them has none. */
export function using(
  uses: readonly string[],
  rule: (...values: bigint[]) => Value | undefined
): Uses {
  return usingValues<bigint[]>(uses, rule);
}

/** As {@link using}, over values of any kind: `usingValues<[Pair, bigint]>(['pair', 'sum'], ...)`. */
export function usingValues<Values extends readonly (Value | undefined)[]>(
  uses: readonly string[],
  rule: (...values: Values) => Value | undefined
): Uses {
  return {
    uses,
    rule: (get) => {
      const values = uses.map(get);
      return values.includes(undefined) ? undefined : rule(...(values as unknown as Values));
    }
  };
}

/** As {@link usingValues}, asked even where some of the steps have no value. */
export function usingAny<Values extends readonly (Value | undefined)[]>(
  uses: readonly string[],
  rule: (...values: Values) => Value | undefined
): Uses {
  return { uses, rule: (get) => rule(...(uses.map(get) as unknown as Values)) };
}

/** The two steps of a total in a base: its last figure is written down, the rest carried. */
export function parting(id: string, uses: Uses, base: bigint) {
  const part = (which: (sum: bigint) => bigint) => ({
    uses: uses.uses,
    rule: (get: Get) => {
      const sum = uses.rule(get);
      return typeof sum === 'bigint' ? which(sum) : undefined;
    },
    total: {
      id,
      rule: uses.rule,
      part: which,
      join: (written: bigint, carried: bigint) => carried * base + written
    }
  });
  return { written: part((sum) => sum % base), carried: part((sum) => sum / base) };
}

/** What a product of two factors comes to where its table fact is one multiple too many or too few. */
export function factsBeside(right: bigint, one: bigint, other: bigint): bigint[] {
  return [one, -one, other, -other].map((by) => right + by).filter((fact) => fact >= 0n);
}

/** A rule with one value, whatever else is written. */
export function constant(value: Value | number | undefined): Replacement {
  const always = typeof value === 'number' ? BigInt(value) : value;
  return { uses: [], rule: () => always };
}

/**
 * One step of a working. `step('difference', ['multiple'], (m) => start - m)` uses one earlier step and
 * follows from its value; it cannot ask for another.
 */
export function step(
  id: string,
  uses: readonly string[],
  rule: (...values: bigint[]) => Value | undefined,
  more: StepMore = {}
): Step {
  return stepOn(id, using(uses, rule), more);
}

/** A step from a rule that is made already. */
export function stepOn(
  id: string,
  { uses, rule, total }: Uses & Pick<Step, 'total'>,
  more: StepMore = {}
): Step {
  const [, kind = id, place] = /^(?:row\.\d+\.)?(.*?)(?:\.(-?\d+))?$/.exec(id)!;
  return {
    id,
    kind,
    ...(place !== undefined && { place: Number(place) }),
    uses,
    rule,
    ...(total && { total }),
    reading: wholeNumber,
    label: capitalised(id),
    says: ({ value }) => `${value}.`,
    ...more
  };
}

/** The rules of some steps, to be put in the place of others. */
export function rulesOf(steps: readonly Step[]): Record<string, Replacement> {
  return Object.fromEntries(
    steps.map(({ id, uses, rule, accepts }) => [id, { uses, rule, ...(accepts && { accepts }) }])
  );
}

/** The rule of a step of a graph with what it gives changed; nothing where it gives nothing. */
export function changing<Given extends Value>(
  graph: Graph,
  id: string,
  change: (value: Given) => Value | undefined
): Replacements {
  const { uses, rule } = stepOf(graph, id);
  return {
    [id]: {
      uses,
      rule(get) {
        const value = rule(get) as Given | undefined;
        return value === undefined ? undefined : change(value);
      }
    }
  };
}

/** A rule that sees another value at one of the steps it uses. */
export function seeing(rule: Step['rule'], step: string, other: (get: Get) => Value | undefined) {
  return (get: Get) => rule((id) => (id === step ? other(get) : get(id)));
}

/** A step that is rightly left unwritten at a value, which is also what leaving it out amounts to. */
export function unwrittenAt(value: bigint): StepMore {
  return { leftOut: value, silentAt: value };
}

function capitalised(id: string): string {
  return id.charAt(0).toUpperCase() + id.slice(1).replaceAll('.', ' ');
}
