import type { HouseStyle } from '../../../house-style';
import {
  ANSWER,
  printedCell,
  squareCell,
  type Cell,
  type Layout,
  type Line
} from '../../../working';
import { leastDenominator, LARGEST_WHOLE, type Given, type Operand } from './operands';
import { simplifies } from './features';
import { hasUnlikeDenominators, type School } from './working';

/**
 * Minuend above subtrahend, from left to right as given, over the common denominator, and as the school
 * has it; below the rule the difference, simplified, and the answer. Each fraction is two squares high.
 */
export function mixedLayout(given: Given, school: string, style: HouseStyle): Layout {
  const sheet = new FractionSheet(given);
  sheet.givenNumbers(given);
  if (hasUnlikeDenominators(given)) sheet.common();
  sheet[school as School]();
  return sheet.layout(style);
}

/** Rows of the sheet, by the line of the fraction bar. */
const ABOVE = 1;
const BELOW = 3;
const DIFFERENCE = 5;

class FractionSheet {
  private readonly cells: Cell[] = [];
  private readonly bars: Line[] = [];
  private x = 1;
  /** Squares a numerator over the common denominator needs. */
  private readonly tops: number;
  private readonly improperTops: number;
  private readonly simplifies: boolean;
  /** What stands under every bar without being found: the denominator, where the two have no other. */
  private readonly denominator: string;

  constructor(given: Given) {
    const least = leastDenominator(given.minuend, given.subtrahend);
    this.denominator = hasUnlikeDenominators(given) ? '' : String(least);
    this.simplifies = simplifies(given.minuend, given.subtrahend);
    this.tops = least >= 50 ? 2 : 1;
    this.improperTops = Math.max(2, Math.ceil(String(least * LARGEST_WHOLE).length / 2));
  }

  layout({ answerRules }: HouseStyle): Layout {
    const width = Math.max(this.x, 7);
    this.sign('=', width - 4, 6.5);
    this.cells.push(squareCell(ANSWER, { x: width - 3, y: 6, width: 3, height: 2 }));
    const ruled = answerRules === 'two' ? [4, 6] : [4];
    return {
      width,
      height: 8,
      cells: this.cells,
      rules: [...this.bars, ...ruled.map((y) => ({ x1: 0, y1: y, x2: width, y2: y }))]
    };
  }

  givenNumbers({ minuend, subtrahend }: Given): void {
    this.sign('−', 0, BELOW - 0.5);
    const width = [minuend, subtrahend].every(({ numerator }) => numerator === 0) ? 1 : 2;
    this.operand(minuend, ABOVE);
    this.operand(subtrahend, BELOW);
    this.x += width;
  }

  common(): void {
    this.equals([ABOVE, BELOW]);
    this.step('common.minuend', this.x, ABOVE - 1, this.tops);
    this.step('common.denominator', this.x, ABOVE, this.tops);
    this.bar(this.x, ABOVE, this.tops);
    this.over('common.subtrahend', this.x, BELOW, this.tops);
    this.x += this.tops;
  }

  regroup(): void {
    this.equals([ABOVE]);
    this.step('regroup.whole', this.x, ABOVE - 0.5, 1);
    this.over('regroup.numerator', this.x + 1, ABOVE, this.tops);
    this.step('whole', this.x, DIFFERENCE - 0.5, 1);
    this.over('fraction.numerator', this.x + 1, DIFFERENCE, this.tops);
    this.x += 1 + this.tops;
    this.simplified();
  }

  improper(): void {
    this.equals([ABOVE, BELOW]);
    this.over('improper.minuend', this.x, ABOVE, this.improperTops);
    this.over('improper.subtrahend', this.x, BELOW, this.improperTops);
    this.over('improper.difference', this.x, DIFFERENCE, this.improperTops);
    this.x += this.improperTops;
    this.simplified();
  }

  parts(): void {
    const width = this.tops + 1;
    this.step('whole', 1, DIFFERENCE - 0.5, 1);
    this.over('fraction.numerator', 2, DIFFERENCE, width);
    this.x = Math.max(this.x, 2 + width);
    this.equals([DIFFERENCE]);
    this.step('combined', this.x, DIFFERENCE - 0.5, this.tops + 3);
    this.x += this.tops + 3;
    this.simplified();
  }

  private simplified(): void {
    if (!this.simplifies) return;
    this.equals([DIFFERENCE]);
    this.step('simplified.numerator', this.x, DIFFERENCE - 1, this.tops);
    this.step('simplified.denominator', this.x, DIFFERENCE, this.tops);
    this.bar(this.x, DIFFERENCE, this.tops);
    this.x += this.tops;
  }

  private operand({ whole, numerator, denominator }: Operand, bar: number): void {
    if (whole > 0) this.printed(String(whole), this.x, bar - 0.5);
    if (numerator === 0) return;
    this.printed(String(numerator), this.x + 1, bar - 1);
    this.printed(String(denominator), this.x + 1, bar);
    this.bar(this.x + 1, bar, 1);
  }

  /** A numerator to be written over the common denominator, which is repeated once it is known. */
  private over(step: string, x: number, bar: number, width: number): void {
    this.step(step, x, bar - 1, width);
    this.cells.push({
      ...printedCell('given', this.denominator, { x, y: bar, width }),
      echoes: 'common.denominator'
    });
    this.bar(x, bar, width);
  }

  private equals(bars: readonly number[]): void {
    for (const bar of bars) this.sign('=', this.x, bar - 0.5);
    this.x += 1;
  }

  private bar(x: number, y: number, width: number): void {
    this.bars.push({ x1: x + 0.1, y1: y, x2: x + width - 0.1, y2: y });
  }

  private printed(text: string, x: number, y: number): void {
    this.cells.push(printedCell('given', text, { x, y, width: 1 }));
  }

  private sign(text: string, x: number, y: number): void {
    this.cells.push(printedCell('sign', text, { x, y }));
  }

  private step(step: string, x: number, y: number, width: number): void {
    this.cells.push(squareCell(step, { x, y, width }));
  }
}
