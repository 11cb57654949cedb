import { Tally, type Counter, type Range } from '../spaces';
import { isTables, meets, type Constraint, type Constraints } from './controls';
import type { FeatureSpec, FeatureValue } from './feature';

/** What is asked of the items of a skill, as its space reads it. */
export class Wanted {
  constructor(
    private readonly features: readonly FeatureSpec[],
    private readonly constraints: Constraints = {}
  ) {}

  /** The same text for requests that ask the same. */
  get key(): string {
    return this.keyOf(this.features.map(({ id }) => id));
  }

  /** The same text for requests that ask the same of some features. */
  keyOf(features: readonly string[]): string {
    return features.map((id) => `${id} ${textOf(this.constraints[id])}`).join('; ');
  }

  /** What is asked of one feature; undefined if nothing is. */
  of(feature: string): Constraint | undefined {
    return this.constraints[feature];
  }

  asks(...features: readonly string[]): boolean {
    return features.some((feature) => this.constraints[feature] !== undefined);
  }

  /** The range of a number feature, its limits if nothing is asked. */
  range(feature: string): Range {
    const asked = this.constraints[feature];
    if (typeof asked === 'object' && 'min' in asked) return asked;
    const { min, max } = this.limits(feature);
    return { min, max };
  }

  /** The range of a count that only grows along a number: open above where it reaches the feature's limit. */
  counted(feature: string): Range {
    if (!this.asks(feature)) return { min: 0, max: Infinity };
    const { min, max } = this.range(feature);
    return { min, max: max >= this.limits(feature).max ? Infinity : max };
  }

  /** The largest value a number feature can have. */
  limit(feature: string): number {
    return this.limits(feature).max;
  }

  /** Counts number features along a number, as far as they are asked for or told. */
  tally<Name extends string, Effect>(
    counters: Readonly<Record<Name, Omit<Counter<Effect>, 'range' | 'limit'>>>,
    told: readonly string[]
  ): Tally<Name, Effect> {
    const ranged = Object.entries<Omit<Counter<Effect>, 'range' | 'limit'>>(counters).map(
      ([id, counter]) =>
        [id, { ...counter, range: this.counted(id), limit: this.limit(id) }] as const
    );
    return new Tally(Object.fromEntries(ranged) as Record<Name, Counter<Effect>>, told);
  }

  /** The digits that may be multiplied by a digit: the tables asked for have one of each pair above 1. */
  digitsBeside(m: number): number[] {
    const tables = this.constraints['tables'];
    const allow = tables !== undefined && isTables(tables) ? tables.allow : undefined;
    return Array.from({ length: 10 }, (_, digit) => digit).filter(
      (digit) => digit < 2 || m < 2 || !allow || allow.has(digit) || allow.has(m)
    );
  }

  /** The yes or no asked of a flag, or undefined if nothing is asked. */
  flag(feature: string): boolean | undefined {
    const asked = this.constraints[feature];
    return typeof asked === 'boolean' ? asked : undefined;
  }

  /** Whether some measured values meet all that is asked of those features. */
  meets(values: Readonly<Record<string, FeatureValue>>): boolean {
    for (const feature in values) {
      const asked = this.constraints[feature];
      if (asked !== undefined && !meets(values[feature]!, asked)) return false;
    }
    return true;
  }

  private limits(feature: string): Range {
    const spec = this.features.find(({ id }) => id === feature);
    if (spec?.kind !== 'number') throw new Error(`Wanted: no number feature '${feature}'`);
    return spec;
  }
}

function textOf(asked: Constraint | undefined): string {
  if (asked === undefined || typeof asked === 'boolean') return String(asked);
  if ('min' in asked) return `${asked.min} to ${asked.max}`;
  return [...('allow' in asked ? asked.allow : asked)].sort().join();
}
