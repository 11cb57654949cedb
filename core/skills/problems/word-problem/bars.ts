import type { BarModel, Row, Shown, Stretch } from '../../../bars';
import type { HouseStyle } from '../../../house-style';
import { isWhole, SCALE } from './amount';
import type { Link } from './links';
import type { PlotMove } from './plot';
import type { Problem } from './problem';
import { Lengths } from './lengths';
import { unitNames } from './context';
import { writeQuantity } from './text';
import { rateOf, units } from './units';

/** Boxes of a group that are all drawn; of more the first two and the last. */
const MOST_BOXES = 9;

/** The model of a problem: a row for each thing that is compared or put together, in the order of the working. */
export function modelOf(problem: Problem, style: HouseStyle, shown: Shown = 'gaps'): BarModel {
  const drawing = new Drawing(problem, style, shown);
  problem.plot.moves.forEach((move) => drawing.add(move));
  return drawing.model();
}

interface Piece {
  readonly id: string;
  readonly says: string;
  readonly length: number;
}

interface Line {
  readonly label: string;
  readonly pieces: readonly Piece[];
  /** What the whole row is, if it is a quantity. */
  readonly whole?: string;
  readonly says?: string;
}

class Drawing {
  private readonly lengths = new Lengths();
  private readonly lines: Line[] = [];
  private total: BarModel['total'];
  private readonly known: ReadonlyMap<string, number>;

  constructor(
    private readonly problem: Problem,
    private readonly style: HouseStyle,
    private readonly shown: Shown
  ) {
    const found = problem.worked.map(({ move, value }) => [move.id, value] as const);
    this.known = new Map([...Object.entries(problem.amounts), ...found]);
  }

  add(move: PlotMove): void {
    const { link } = move;
    switch (link.situation) {
      case 'part-part-whole':
      case 'change':
        this.together(link);
        break;
      case 'compare':
        this.compare(link);
        break;
      case 'equal-groups':
      case 'times-as-many':
        this.groups(link);
        break;
      case 'rate':
        this.rate(link);
        break;
    }
  }

  model(): BarModel {
    const longest = Math.max(
      ...this.lines.map(({ pieces }) => pieces.reduce((sum, { length }) => sum + length, 0))
    );
    const rows = this.lines.map((line) => rowOf(line, 100 / longest));
    return { rows, ...(this.total && { total: this.total }) };
  }

  /** One bar in parts with a brace over it, or a brace beside bars that stand already. */
  private together(link: Link): void {
    const { whole, parts } = wholeOf(link);
    const rows = parts.map((id) => this.lines.findIndex((line) => line.whole === id));
    if (rows.every((row) => row >= 0) && !this.total && areInTurn(rows)) {
      this.total = { rows, says: this.says(whole), quantity: whole };
      return;
    }
    this.lengths.split(whole, parts, (id) => this.worth(id));
    this.lines.push({
      label: '',
      pieces: parts.map((id) => this.piece(id)),
      ...{ whole, says: this.says(whole) }
    });
  }

  /** Two bars with their ends compared: the longer is the shorter and a box more. */
  private compare(link: Link): void {
    const [reference, , compared] = link.quantities as [string, string, string];
    const { whole: longer, parts } = wholeOf(link);
    const [shorter, more] = parts as [string, string];
    this.lengths.split(longer, parts, (id) => this.worth(id));
    const bar = (id: string): Line => {
      const copied = this.lineOf(shorter)?.pieces ?? [this.piece(shorter)];
      if (id === shorter) return { label: this.label(id), pieces: copied, whole: id };
      const line = { label: this.label(id), pieces: [...copied, this.piece(more)], whole: id };
      return { ...line, says: this.says(id) };
    };
    // The reference stands first, and is not drawn twice.
    for (const id of [reference, compared]) if (!this.lineOf(id)) this.lines.push(bar(id));
  }

  private lineOf(id: string): Line | undefined {
    return this.lines.find(({ whole }) => whole === id);
  }

  /** A bar of equal boxes, over against a bar of one where it is so many times another. */
  private groups(link: Link): void {
    const [count, each, all] = link.quantities as [string, string, string];
    const times = this.worth(count) / SCALE;
    const isDrawnWhole = isWhole(this.worth(count)) && times <= MOST_BOXES;
    const isKnown = this.shown !== 'gaps' || this.isTold(count);
    const boxes = isDrawnWhole && isKnown ? times : 4;
    this.lengths.times(all, each, isDrawnWhole && isKnown ? times : 6);
    if (link.situation === 'times-as-many' && !this.lineOf(each)) {
      this.lines.push({ label: this.label(each), pieces: [this.piece(each)], whole: each });
    }
    const one = this.piece(each);
    const silent = { ...one, says: '' };
    const rest = this.lengths.of(all) - 3 * one.length;
    const dots: Piece = { id: '', says: '…', length: rest };
    const pieces =
      isDrawnWhole && isKnown
        ? Array.from({ length: boxes }, (_, at) => (at === 0 ? one : silent))
        : [one, silent, dots, silent];
    const who = this.label(all);
    const label = [who, this.countOf(count)].filter((text) => text !== '').join(': ');
    const { left } = this.problem.worked.find(({ move }) => move.link === link)!;
    const over = left === 0 ? [] : [this.leftOver(left, one.length / 2)];
    this.lines.push({ label, pieces: [...pieces, ...over], whole: all, says: this.says(all) });
  }

  /** What is left where the boxes do not fill the bar. */
  private leftOver(left: number, length: number): Piece {
    return { id: '', says: this.shown === 'solved' ? String(left / SCALE) : '?', length };
  }

  /** How many boxes there are: `12 boats`, or `? boats`. */
  private countOf(id: string): string {
    const says = this.says(id);
    if (says !== '?') return says;
    const { context } = this.problem.plot;
    return `? ${unitNames(context, this.unitOf(id)).many}`;
  }

  /** A double bar: what there is, and what it comes to, cut where one of it ends. */
  private rate(link: Link): void {
    const [amount, price, total] = link.quantities as [string, string, string];
    const all = this.lengths.ensure(total);
    const isMore = this.worth(amount) > SCALE;
    const share = Math.min(0.6, Math.max(0.22, SCALE / this.worth(amount)));
    const [one, rest] = isMore ? [all * share, all * (1 - share)] : [all / 0.7, 0];
    const per = this.unitOf(price).split('/')[1]!;
    const bar = (
      label: string,
      says: string,
      { id, whole }: { id: string; whole: string }
    ): Line => ({
      label,
      pieces: isMore
        ? [
            { id, says, length: one },
            { id: '', says: '…', length: rest }
          ]
        : [{ id: whole, says: this.says(whole), length: all }],
      ...(isMore ? { whole, says: this.says(whole) } : {})
    });
    const oneOf = writeQuantity(
      this.problem.plot.context,
      { amount: SCALE, unit: per, notation: 'number', isWorded: false },
      this.style
    );
    this.lines.push(
      bar(isMore ? '' : `${oneOf}: ${this.says(price)}`, oneOf, { id: '', whole: amount })
    );
    this.lines.push(bar('', this.says(price), { id: price, whole: total }));
  }

  private piece(id: string): Piece {
    return { id, says: this.says(id), length: this.lengths.of(id) };
  }

  private unitOf(id: string): string {
    const { plot } = this.problem;
    return (
      plot.told.find((one) => one.id === id) ?? plot.moves.find((one) => one.id === id)!.gives
    ).unit;
  }

  /** How much a quantity is in the smallest unit of its kind. */
  private worth(id: string): number {
    const unit = this.unitOf(id);
    const size = rateOf(unit) ? 1 : (units[unit]?.size ?? 1);
    return this.known.get(id)! * (units[unit]?.kind === 'times' ? 1 : size);
  }

  private isTold(id: string): boolean {
    return this.problem.plot.told.some((one) => one.id === id);
  }

  private says(id: string): string {
    if (this.shown === 'gaps' && !this.isTold(id)) return '?';
    const { plot } = this.problem;
    const told = plot.told.find((one) => one.id === id);
    const range = told ?? plot.moves.find((one) => one.id === id)!.gives;
    const amount = this.known.get(id)!;
    return writeQuantity(plot.context, { ...range, amount, isWorded: false }, this.style);
  }

  /** Whose a bar is, where its sentence names somebody. */
  private label(id: string): string {
    const { plot, actors } = this.problem;
    const [, tell, some, ask] = plot.story.parts[id]!;
    const text = [tell, some, typeof ask === 'string' ? ask : ''].find((one) => one !== '') ?? '';
    const letter = /\{([ABC])\}/.exec(text)?.[1];
    const at = letter ? plot.people.indexOf(letter) : -1;
    return at < 0 ? '' : actors[at]!;
  }
}

/** The quantity of a sum that the others make up, and those. */
function wholeOf(link: Link): { whole: string; parts: string[] } {
  const { quantities, isDown } = link;
  if (!isDown) return { whole: quantities.at(-1)!, parts: quantities.slice(0, -1) };
  const [start, change, result] = quantities as [string, string, string];
  return { whole: start, parts: [result, change] };
}

const areInTurn = (rows: readonly number[]): boolean =>
  rows.every((row, at) => at === 0 || row === rows[at - 1]! + 1);

function rowOf({ label, pieces, whole, says }: Line, scale: number): Row {
  let x = 0;
  const boxes = pieces.map(({ id, says, length }): Stretch => {
    const from = x;
    x = Math.min(100, x + length * scale);
    return { from, to: x, says, ...(id !== '' && { quantity: id }) };
  });
  const named = whole !== undefined && { quantity: whole };
  const braces: Stretch[] = says === undefined ? [] : [{ from: 0, to: x, says, ...named }];
  return { label, boxes, braces };
}
