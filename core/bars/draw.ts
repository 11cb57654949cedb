import type { BarModel, Row, Stretch } from './model';

/** A model as it is drawn in some room: all places in the same unit as the width. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly boxes: readonly DrawnBox[];
  readonly braces: readonly DrawnBrace[];
  readonly texts: readonly DrawnText[];
}

export interface DrawnBox {
  readonly row: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly quantity?: string;
}

/** A brace over a stretch, pointing up at its middle; upright ones stand at the right and point right. */
export interface DrawnBrace {
  /** Its row, below 0 for one beside several. */
  readonly row: number;
  readonly x1: number;
  readonly x2: number;
  readonly y1: number;
  readonly y2: number;
  readonly isUpright: boolean;
}

/** A text with its middle at x, on a line of the height of a text around y. */
export interface DrawnText {
  readonly row: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly text: string;
  /** The quantity it is of, where the model names it. */
  readonly quantity?: string;
  readonly kind: 'box' | 'beside' | 'brace' | 'label';
}

/** Sizes relative to that of the text. */
const BOX = 2;
const LINE = 1.4;
const BRACE = 0.7;
const GAP = 0.9;
/** Width of a character, at the most, and room around a text. */
const CHARACTER = 0.6;
const ROOM = 0.5;

const widthOf = (text: string, size: number): number => (text.length * CHARACTER + ROOM) * size;

/**
 * Draws a model in so much width, with text of a size. Labels of rows stand above them; a number stands in its box where it
 * fits, else on a line of its own under the row, clear of its neighbours.
 */
export function drawModel(
  model: BarModel,
  { width, size }: { width: number; size: number }
): Drawing {
  const { rows, total } = model;
  const beside = total ? widthOf(total.says, size) + 2 * BRACE * size : 0;
  const room = width - beside;
  const drawn: { boxes: DrawnBox[]; braces: DrawnBrace[]; texts: DrawnText[] } = {
    boxes: [],
    braces: [],
    texts: []
  };
  let y = 0;
  const tops: number[] = [];
  const bottoms: number[] = [];
  for (const [at, row] of rows.entries()) {
    y = drawRow(row, { at, y, room, size }, drawn);
    const own = drawn.boxes.filter((box) => box.row === at);
    tops.push(Math.min(...own.map((box) => box.y)));
    bottoms.push(Math.max(...own.map((box) => box.y + box.height)));
    y += GAP * size;
  }
  const height = Math.max(0, y - GAP * size);
  if (total) {
    const [y1, y2] = [tops[total.rows[0]!]!, bottoms[total.rows.at(-1)!]!];
    const x1 = room + BRACE * size * 0.5;
    drawn.braces.push({ row: -1, x1, x2: x1 + BRACE * size, y1, y2, isUpright: true });
    const own = widthOf(total.says, size);
    const x = width - own / 2;
    const text = { ...textOf(total), width: own, kind: 'brace' as const };
    drawn.texts.push({ row: -1, x, y: (y1 + y2) / 2, ...text });
  }
  return { width, height, ...drawn };
}

interface Place {
  readonly at: number;
  readonly y: number;
  readonly room: number;
  readonly size: number;
}

/** Draws a row from a height on; where the next can start. */
function drawRow(
  { label, boxes, braces }: Row,
  { at, y: top, room, size }: Place,
  into: { boxes: DrawnBox[]; braces: DrawnBrace[]; texts: DrawnText[] }
): number {
  let y = top;
  if (label !== '') {
    const width = Math.min(room, widthOf(label, size));
    into.texts.push({
      row: at,
      x: width / 2,
      y: y + (LINE * size) / 2,
      width,
      text: label,
      kind: 'label'
    });
    y += LINE * size;
  }
  for (const brace of braces) {
    into.texts.push(textOver(brace, { at, y: y + (LINE * size) / 2, room, size }));
    const [x1, x2] = [(brace.from * room) / 100, (brace.to * room) / 100];
    const y1 = y + LINE * size;
    into.braces.push({ row: at, x1, x2, y1, y2: y1 + BRACE * size, isUpright: false });
    y += (LINE + BRACE) * size;
  }
  const outside: Stretch[] = [];
  for (const box of boxes) {
    const [x, width] = [(box.from * room) / 100, ((box.to - box.from) * room) / 100];
    into.boxes.push({
      ...{ row: at, x, y, width, height: BOX * size },
      ...(box.quantity !== undefined && { quantity: box.quantity })
    });
    if (box.says === '') continue;
    if (widthOf(box.says, size) <= width) {
      into.texts.push(boxText(box, { at, x: x + width / 2, y: y + (BOX * size) / 2, size }));
    } else outside.push(box);
  }
  y += BOX * size;
  return drawOutside(outside, { at, y, room, size }, into.texts);
}

const textOf = ({ says, quantity }: Pick<Stretch, 'says' | 'quantity'>) => ({
  ...{ text: says, ...(quantity !== undefined && { quantity }) }
});

const boxText = (
  box: Stretch,
  { at, x, y, size }: { at: number; x: number; y: number; size: number }
): DrawnText => ({ row: at, x, y, width: widthOf(box.says, size), ...textOf(box), kind: 'box' });

/** A text with its middle over a stretch, moved as far as the edges ask. */
function textOver(stretch: Stretch, { at, y, room, size }: Place): DrawnText {
  const { from, to, says } = stretch;
  const width = widthOf(says, size);
  const middle = ((from + to) / 200) * room;
  const x = Math.max(width / 2, Math.min(room - width / 2, middle));
  return { row: at, x, y, width, ...textOf(stretch), kind: 'brace' };
}

/** Texts that do not fit in their boxes: under the row, each in the first line in which it is clear of the others. */
function drawOutside(
  boxes: readonly Stretch[],
  { at, y, room, size }: Place,
  texts: DrawnText[]
): number {
  const lines: DrawnText[][] = [];
  for (const box of boxes) {
    const placed = textOver(box, { at, y: 0, room, size });
    const isClear = (line: readonly DrawnText[]) =>
      line.every((one) => Math.abs(one.x - placed.x) >= (one.width + placed.width) / 2);
    let line = lines.findIndex(isClear);
    if (line < 0) line = lines.push([]) - 1;
    lines[line]!.push({ ...placed, kind: 'beside', y: y + (line + 0.5) * LINE * size });
  }
  texts.push(...lines.flat());
  return y + lines.length * LINE * size;
}
