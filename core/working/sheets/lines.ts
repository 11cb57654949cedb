import { printedCell, squareCell, type Cell, type Layout, type Line } from '../layout';

const WIDTH = 12;

/** Lines of algebra under each other, with the figures of a method between them. */
export class LinesSheet {
  private readonly cells: Cell[] = [];
  private readonly rules: Line[] = [];
  private y = 0;

  layout(): Layout {
    return { width: WIDTH, height: this.y, cells: this.cells, rules: this.rules };
  }

  given(text: string): void {
    this.printed('given', text, 0, this.y, 10);
    this.y += 1;
  }

  /** Squares in a row, each under its name. */
  found(squares: readonly (readonly [step: string, name: string, width: number])[]): void {
    let x = 0;
    for (const [step, name, width] of squares) {
      this.printed('heading', name, x, this.y, width);
      this.step(step, x, this.y + 1, width);
      this.rule(x + 0.15, this.y + 2, x + width - 0.15, this.y + 2);
      x += width;
    }
    this.y += 2;
  }

  /** A line of algebra. */
  line(step: string, sign: string): void {
    this.printed(sign === '=' ? 'sign' : 'heading', sign, 0, this.y, sign === '=' ? 1 : 2);
    this.step(step, sign === '=' ? 1 : 2, this.y, sign === '=' ? 9 : 8);
    this.y += 1;
  }

  /** A line of two groups with a plus sign between them. */
  groups(first: string, second: string): void {
    this.printed('sign', '=', 0, this.y, 1);
    this.step(first, 1, this.y, 4);
    this.printed('sign', '+', 5, this.y, 1);
    this.step(second, 6, this.y, 4);
    this.y += 1;
  }

  /** Four cells with what the rows and columns have in common at their edges. */
  grid(kind: string): void {
    const [x, y] = [3, this.y + 1];
    const cell = 3;
    for (const at of [0, 1]) {
      this.step(`${kind}.column.${at}`, x + cell * at, y - 1, cell);
      this.step(`${kind}.row.${at}`, 0, y + at, cell);
      for (const column of [0, 1])
        this.step(`${kind}.${at}.${column}`, x + cell * column, y + at, cell);
    }
    for (const at of [0, 1, 2]) {
      this.rule(x, y + at, x + 2 * cell, y + at);
      this.rule(x + cell * at, y, x + cell * at, y + 2);
    }
    this.y += 3;
  }

  /** Two columns of two numbers, multiplied across. */
  cross(columns: readonly (readonly [upper: string, lower: string])[]): void {
    const [left, right, y] = [2, 6, this.y];
    const corners = columns.flatMap(([upper, lower], at) => [
      [upper, at === 0 ? left : right, 0] as const,
      [lower, at === 0 ? left : right, 2] as const
    ]);
    for (const [step, x, row] of corners) {
      this.step(step, x, y + row, 2);
      this.rule(x + 0.15, y + row + 1, x + 1.85, y + row + 1);
    }
    this.rule(left + 2.2, y + 0.7, right - 0.2, y + 2.3);
    this.rule(left + 2.2, y + 2.3, right - 0.2, y + 0.7);
    this.y += 3;
  }

  private printed(
    role: 'given' | 'sign' | 'heading',
    text: string,
    x: number,
    y: number,
    width: number
  ): void {
    this.cells.push(printedCell(role, text, { x, y, width }));
  }

  private step(step: string, x: number, y: number, width: number): void {
    this.cells.push(squareCell(step, { x, y, width }));
  }

  private rule(x1: number, y1: number, x2: number, y2: number): void {
    this.rules.push({ x1, y1, x2, y2 });
  }
}
