/**
 * Where the working stands on squared paper. One unit is one square, x to the right, y downwards, and
 * places may be fractions of a square. Everything that draws working (screen, paper, handwriting, the
 * marking desk's input squares) draws this and knows nothing of the skill.
 */
export interface Layout {
  readonly width: number;
  readonly height: number;
  readonly cells: readonly Cell[];
  readonly rules: readonly Line[];
  /** Its places are printed however bare the rung, as something is asked for that a line for the answer cannot hold. */
  readonly isAlwaysPrinted?: boolean;
  /** Lines that are not printed, in the order in which they are opened. */
  readonly further?: readonly FurtherLine[];
  /** Jumps along a number line. */
  readonly arcs?: readonly Arc[];
}

export type Cell = PrintedCell | StepCell;

interface Box {
  readonly x: number;
  readonly y: number;
  /** Height in squares: 1 for a full square, less for a small mark. */
  readonly size: number;
  /** Height in squares, where it is higher than its figures: a fraction is set in two lines. */
  readonly height?: number;
  /** Width in squares, where more than one figure has room; as wide as high if absent. */
  readonly width?: number;
  /** Figures stand one to a square, the last in the last. */
  readonly isSpaced?: boolean;
}

/** Something printed: a digit that is given, a sign, a place heading. */
export interface PrintedCell extends Box {
  readonly type: 'printed';
  readonly role: 'given' | 'sign' | 'heading';
  readonly text: string;
  /** Step that, once written, strikes this out. */
  readonly struckBy?: string;
  /** Step whose text stands here again once it is written: a denominator that several fractions share. */
  readonly echoes?: string;
}

/** The square where a step is written. */
export interface StepCell extends Box {
  readonly type: 'step';
  readonly step: string;
  readonly role: 'digit' | 'carry';
  /** Struck through once it has been used. */
  readonly crossedOff: boolean;
  /** Step that, once written, strikes this out: a zero put in, from which a ten is taken. */
  readonly struckBy?: string;
}

/** A ruled line between two corners of squares. */
export interface Line {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/**
 * A line of working that a pupil may add. It is not printed. Once the step before it is written it is put into the
 * sheet at row `y`, and what stood there moves down.
 */
export interface FurtherLine {
  readonly after: string;
  readonly y: number;
  /** In squares. */
  readonly height: number;
  readonly cells: readonly Cell[];
  readonly rules: readonly Line[];
}

/** A jump from one place to another, bulging upwards by a height in squares. */
export interface Arc {
  readonly x1: number;
  readonly x2: number;
  readonly y: number;
  readonly height: number;
}

/** The squares in which the figures of a numeral, and its point, stand, where each has its own; undefined where it has not. */
export function spacedFigures(
  { x, width = 1, isSpaced }: Pick<Box, 'x' | 'width' | 'isSpaced'>,
  text: string
): { readonly x: number; readonly figure: string }[] | undefined {
  if (!isSpaced || !/^\d+([.,]\d+)?$/.test(text) || text.length > width) return undefined;
  return [...text].map((figure, at) => ({ x: x + width - text.length + at, figure }));
}

/** The cell of a step; undefined for a step that has no square of its own. */
export function cellOf(layout: Layout, step: string): StepCell | undefined {
  return layout.cells.find((cell): cell is StepCell => cell.type === 'step' && cell.step === step);
}

type Place = Pick<Box, 'x' | 'y'> & Partial<Box>;

/** Something printed; one square in size unless the place says otherwise. */
export function printedCell(role: PrintedCell['role'], text: string, place: Place): PrintedCell {
  return { type: 'printed', role, text, size: 1, ...place };
}

/** The square of a step; one square in size unless the place says otherwise. */
export function squareCell(step: string, place: Place, role: StepCell['role'] = 'digit'): StepCell {
  return { type: 'step', role, step, crossedOff: false, size: 1, ...place };
}
