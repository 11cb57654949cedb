import { writeText, type HouseStyle } from '../../../house-style';
import { printPolynomial, polynomial } from '../../../numbers';
import { printedCell, squareCell, type Cell, type Layout, type Line } from '../../../working';
import type { Given } from './quadratic';
import { methodOf } from './working';

const WIDTH = 12;

/** The quadratic, what is found of it, the method's own figure, and below it the lines of factors. */
export function quadraticLayout(given: Given, school: string, style: HouseStyle): Layout {
  const isLast = school.endsWith('last');
  const method = methodOf(school);
  const sheet = new AlgebraSheet();
  sheet.given(printQuadratic(given), style);
  const found = [
    ...(isLast ? [] : [['content', 'taken out', 3] as const]),
    ...(method === 'cross-trial'
      ? []
      : ([
          ['product', 'product', 2],
          ['sum', 'sum', 2],
          ['pair', 'pair', 3]
        ] as const))
  ];
  if (found.length > 0) sheet.found(found);
  if (method === 'area-grid') sheet.grid();
  if (method === 'cross-trial') sheet.cross();
  if (method === 'grouping' && given.c !== 0) sheet.groups();
  sheet.line('factors', '=');
  if (isLast) sheet.found([['content', 'taken out', 3]]);
  sheet.line('complete', '=');
  sheet.line('check', 'check');
  return sheet.layout();
}

export function printQuadratic({ a, b, c }: Given): string {
  return printPolynomial(polynomial([c, b, a].map(BigInt)));
}

class AlgebraSheet {
  private readonly cells: Cell[] = [];
  private readonly rules: Line[] = [];
  private y = 0;

  layout(): Layout {
    return { width: WIDTH, height: this.y, cells: this.cells, rules: this.rules };
  }

  given(text: string, style: HouseStyle): void {
    this.printed('given', writeText(text, style), 0, this.y, 10);
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

  groups(): void {
    this.line('split', '=');
    this.printed('sign', '=', 0, this.y, 1);
    this.step('group.0', 1, this.y, 4);
    this.printed('sign', '+', 5, this.y, 1);
    this.step('group.1', 6, this.y, 4);
    this.y += 1;
  }

  grid(): void {
    const [x, y] = [3, this.y + 1];
    const cell = 3;
    for (const at of [0, 1]) {
      this.step(`grid.column.${at}`, x + cell * at, y - 1, cell);
      this.step(`grid.row.${at}`, 0, y + at, cell);
      for (const column of [0, 1])
        this.step(`grid.${at}.${column}`, x + cell * column, y + at, cell);
    }
    for (const at of [0, 1, 2]) {
      this.rule(x, y + at, x + 2 * cell, y + at);
      this.rule(x + cell * at, y, x + cell * at, y + 2);
    }
    this.y += 3;
  }

  cross(): void {
    const [left, right, y] = [2, 6, this.y];
    for (const [step, x, row] of [
      ['p', left, 0],
      ['q', right, 0],
      ['r', left, 2],
      ['s', right, 2]
    ] as const) {
      this.step(`cross.${step}`, x, y + row, 2);
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
