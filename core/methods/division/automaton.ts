import {
  ended,
  UNMET,
  type Column,
  type ItemAutomaton,
  type Tally,
  type Told,
  type Visit
} from '../../spaces';
import type { Wanted } from '../../skill/request';
import type { Given } from './look';

/** How many digits a dividend has, and how many of them make the first partial dividend. */
export interface Shape {
  readonly digits: number;
  readonly first: number;
}

/** A partial dividend, with what it gives and leaves; `taken` are the digits of the dividend it brings in. */
export interface Division {
  readonly taken: string;
  readonly quotient: number;
  readonly remainder: number;
  readonly isLast: boolean;
}

const START = 0;

/**
 * Divisions by one divisor. The dividend is written from the left: the first partial dividend, then a digit at a
 * time beside what is left:
 *
 *   (digits to come, left over, tally) --digit--> (digits to come - 1, left over, tally)
 */
export class DivisionAutomaton implements ItemAutomaton<Division, Given> {
  readonly start = START;
  private readonly longest: number;
  private readonly tally: Tally<string, Division>;

  constructor(
    private readonly divisor: number,
    private readonly shapes: readonly Shape[],
    private readonly wanted: Wanted,
    told: readonly string[] = []
  ) {
    this.longest = 1 + Math.max(0, ...shapes.map(({ digits, first }) => digits - first));
    this.tally = wanted.tally<string, Division>(
      {
        quotientZeros: { by: 'sum', gain: ({ quotient }) => (quotient === 0 ? 1 : 0) },
        carried: { by: 'sum', gain: ({ remainder, isLast }) => (remainder > 0 && !isLast ? 1 : 0) }
      },
      told
    );
  }

  edges(state: number, visit: Visit<Division>): void {
    if (state === START) {
      for (const shape of this.shapes) this.firstEdges(shape, visit);
      return;
    }
    const code = state - 1;
    const toCome = code % this.longest;
    const left = Math.floor(code / this.longest) % this.divisor;
    const counted = this.tally.open(Math.floor(code / this.longest / this.divisor));
    for (let digit = 0; digit < 10; digit++) {
      this.edge(
        counted,
        { partial: 10 * left + digit, taken: String(digit), toCome: toCome - 1 },
        visit
      );
    }
  }

  /** The shortest beginnings of a dividend that are not below the divisor. */
  private firstEdges({ digits, first }: Shape, visit: Visit<Division>): void {
    const power = 10 ** (first - 1);
    const isShort = first > String(this.divisor).length;
    const above = isShort ? 10 * this.divisor : 10 * power;
    const toCome = digits - first;
    const nothing = this.tally.open(0);
    // A quotient is at least 2.
    const least = Math.max(power, toCome === 0 ? 2 * this.divisor : this.divisor);
    for (let partial = least; partial < above; partial++) {
      this.edge(nothing, { partial, taken: String(partial), toCome }, visit);
    }
  }

  private edge(
    counted: readonly number[],
    { partial, taken, toCome }: { partial: number; taken: string; toCome: number },
    visit: Visit<Division>
  ): void {
    const quotient = Math.floor(partial / this.divisor);
    const remainder = partial % this.divisor;
    const effect = { taken, quotient, remainder, isLast: toCome === 0 };
    const next = this.tally.add(counted, effect, toCome);
    if (next === UNMET) return;
    if (toCome > 0) {
      visit(1, effect, 1 + (next * this.divisor + remainder) * this.longest + toCome);
    } else if (this.tally.isMet(next) && this.wanted.meets({ remainder, exact: remainder === 0 })) {
      visit(1, effect, ended(next * this.divisor + remainder));
    }
  }

  told(code: number): Told {
    const remainder = code % this.divisor;
    return {
      ...(this.tally.told(Math.floor(code / this.divisor)) as Told),
      ...shapeFeatures(this.divisor, this.shapes[0]!),
      remainder,
      exact: remainder === 0
    };
  }

  write(path: readonly Column<Division>[]): Given {
    const dividend = path.map(({ choice }) => choice.taken).join('');
    return { dividend, divisor: String(this.divisor) };
  }
}

/** What a divisor and a shape settle. */
export function shapeFeatures(divisor: number, { digits, first }: Shape) {
  return {
    digits,
    divisor,
    quotientDigits: digits - first + 1,
    leadingShort: first > String(divisor).length
  };
}
