import type { HouseStyle } from '../../house-style';
import { ANSWER } from '../graph';
import { printedCell, squareCell, type Cell, type Layout, type Line } from '../layout';

/** A mixed number as it is printed; no fraction where the numerator is 0. */
interface Printed {
  readonly whole: number;
  readonly numerator: number;
  readonly denominator: number;
}

/** Steps by row of the sheet: 0 and 1 for the numbers, 2 for the result below the rule. */
type Rows = Readonly<Partial<Record<0 | 1 | 2, string>>>;

/** Where the bar of a fraction in a row lies; each fraction is two squares high. */
const barOf = (row: number) => 2 * row + 1;

/**
 * Two mixed numbers above each other, worked from left to right over a common denominator, the result below
 * a rule; columns are added one after another.
 */
export class FractionSheet {
  private readonly cells: Cell[] = [];
  private readonly bars: Line[] = [];
  private x = 1;

  /** `denominator` stands under every bar without being found; empty where it is a step of its own. */
  constructor(
    sign: string,
    numbers: readonly [Printed, Printed],
    private readonly denominator: string,
    private readonly denominatorStep: string
  ) {
    this.sign(sign, 0, barOf(1) - 0.5);
    numbers.forEach((number, row) => this.printNumber(number, barOf(row)));
    this.x += numbers.every(({ numerator }) => numerator === 0) ? 1 : 2;
  }

  equals(...rows: readonly number[]): this {
    for (const row of rows) this.sign('=', this.x, barOf(row) - 0.5);
    this.x += 1;
    return this;
  }

  /** Whole parts, one square wide. */
  wholes(steps: Rows): this {
    return this.column(steps, 1, (step, bar) => this.step(step, bar - 0.5, 1));
  }

  /** Numerators over the common denominator, which is repeated once it is known. */
  numerators(steps: Rows, width: number, denominators: Rows = {}): this {
    return this.column(steps, width, (step, bar, row) => {
      this.step(step, bar - 1, width);
      const found = denominators[row];
      if (found) this.step(found, bar, width);
      else {
        const place = { x: this.x, y: bar, width };
        const under = printedCell('given', this.denominator, place);
        this.cells.push({ ...under, echoes: this.denominatorStep });
      }
      this.bars.push({ x1: this.x + 0.1, y1: bar, x2: this.x + width - 0.1, y2: bar });
    });
  }

  /** Whole mixed numbers, each in one square. */
  mixed(steps: Rows, width: number): this {
    return this.column(steps, width, (step, bar) => this.step(step, bar - 0.5, width));
  }

  /** Goes back to a column, where something stands under what is there already. */
  from(x: number): this {
    this.x = x;
    return this;
  }

  /** Room for columns so far, at least up to `x`. */
  upTo(x: number): this {
    this.x = Math.max(this.x, x);
    return this;
  }

  get width(): number {
    return this.x;
  }

  layout({ answerRules }: HouseStyle): Layout {
    const width = Math.max(this.x, 7);
    this.sign('=', width - 4, 6.5);
    this.cells.push(squareCell(ANSWER, { x: width - 3, y: 6, width: 3, height: 2 }));
    const ruled = answerRules === 'two' ? [4, 6] : [4];
    const rules = [...this.bars, ...ruled.map((y) => ({ x1: 0, y1: y, x2: width, y2: y }))];
    return { width, height: 8, cells: this.cells, rules };
  }

  private column(
    steps: Rows,
    width: number,
    draw: (step: string, bar: number, row: 0 | 1 | 2) => void
  ): this {
    for (const row of [0, 1, 2] as const) {
      const step = steps[row];
      if (step) draw(step, barOf(row), row);
    }
    this.x += width;
    return this;
  }

  private printNumber({ whole, numerator, denominator }: Printed, bar: number): void {
    const print = (text: number, x: number, y: number) =>
      this.cells.push(printedCell('given', String(text), { x, y, width: 1 }));
    if (whole > 0) print(whole, this.x, bar - 0.5);
    if (numerator === 0) return;
    print(numerator, this.x + 1, bar - 1);
    print(denominator, this.x + 1, bar);
    this.bars.push({ x1: this.x + 1.1, y1: bar, x2: this.x + 1.9, y2: bar });
  }

  private sign(text: string, x: number, y: number): void {
    this.cells.push(printedCell('sign', text, { x, y }));
  }

  private step(step: string, y: number, width: number): void {
    this.cells.push(squareCell(step, { x: this.x, y, width }));
  }
}
