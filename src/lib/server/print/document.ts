import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
import { availableMarks } from '@zealous-quill/core/schemes';
import { markWords } from '@zealous-quill/core/marking';
import {
  isMarked,
  keyText,
  printable,
  rungWords,
  snapshotOf,
  snapshotPicture,
  type Paper,
  type Rung,
  paperMinutes,
  type Snapshot
} from '@zealous-quill/core/papers';
import { findCard } from '@zealous-quill/core/catalogue';
import { isInHead, skillOf } from '@zealous-quill/core/skill';
import type { Picture } from '@zealous-quill/core/working';
import { version } from '../database/base/version';
import { barsOf, type PrintedBars } from './bars';

export const printKinds = ['paper', 'key', 'solutions'] as const;
export type PrintKind = (typeof printKinds)[number];

/** Everything the Typst template needs, in reading order. */
export interface PrintDocument {
  readonly kind: PrintKind;
  readonly title: string;
  readonly subtitle: string;
  readonly paper: HouseStyle['paper'];
  /** Side of a square in millimetres. */
  readonly square: number;
  readonly summary: string;
  /** Who writes it; empty where a line is left for the name. */
  readonly pupil: { readonly name: string; readonly className: string };
  readonly footer: string;
  readonly sections: readonly PrintSection[];
  /** Less room between what is printed, so that it takes a page less. */
  readonly isTight: boolean;
  /** The id of a section that begins a page; empty for none. */
  readonly breakBefore: string;
}

interface PrintSection {
  /** The id of its rung. */
  readonly id: string;
  readonly title: string;
  readonly note: string;
  readonly items: readonly PrintItem[];
}

interface PrintItem {
  readonly number: number;
  readonly prompt: string;
  readonly marks: number;
  readonly picture: Picture | null;
  /** Its bars, where it has any. */
  readonly bars: PrintedBars | null;
  /** Worked in the head: a line for the answer is all it needs. */
  readonly hasAnswerLine: boolean;
  /** The picture in words, for those who hear the page. */
  readonly alt: string;
  readonly answer: string;
  readonly explanation: readonly string[];
  readonly scheme: readonly string[];
  readonly wrongAnswers: readonly { title: string; answer: string }[];
}

/** An item to be printed: where it stands, and everything that is derived of it. */
export interface PrintPart extends Snapshot {
  readonly number: number;
  /** The kind of its rung. */
  readonly kind: string;
  /** The id of its rung. */
  readonly section: string;
}

/** The parts of a paper as they are now. A paper that has been sat has kept its own. */
export function partsNow({ rungs }: Paper, style: HouseStyle): PrintPart[] {
  return rungs
    .flatMap((rung) => rung.items.map((entry) => ({ rung, entry })))
    .map(({ rung, entry }, at) => ({
      ...snapshotOf(rung, entry, style),
      number: at + 1,
      kind: rung.kind,
      section: rung.id
    }));
}

/** Lays out a paper, its key or its worked solutions; the house style runs through all of it. */
export function printDocument(
  paper: Paper & { edition: number },
  parts: readonly PrintPart[],
  kind: PrintKind,
  style: HouseStyle
): PrintDocument {
  const marks = parts.reduce((sum, part) => sum + marksOf(part), 0);
  const minutes = paperMinutes(
    parts.map(({ kind: rung, item }) => ({ kind: rung, seconds: item.seconds })),
    style.timing
  );
  return {
    kind,
    title: printable(paper.title),
    subtitle: { paper: '', key: 'Key and mark scheme', solutions: 'Worked solutions' }[kind],
    paper: style.paper,
    square: style.squares,
    summary: `${marks} marks · about ${minutes} minutes`,
    ...{ isTight: false, breakBefore: '' },
    pupil: { name: '', className: '' },
    footer: `Edition ${paper.edition} · seed ${paper.seed} · Zealous Quill ${version}`,
    sections: paper.rungs
      .map((rung) => ({
        rung,
        items: parts
          .filter(({ section }) => section === rung.id)
          .filter((part) => kind !== 'key' || part.kind !== 'worked-example')
          .map((part) => printItem(part, kind, style))
      }))
      .filter(({ items }) => items.length > 0)
      .map(({ rung, items }) => ({
        id: rung.id,
        title: titleOf(rung, paper),
        items,
        note: kind === 'paper' ? noteOf(rung, items) : ''
      }))
  };
}

/** What a section tells the pupil: of squares only where there are some. */
function noteOf(
  { kind, skill, school, items: entries }: Rung,
  items: readonly PrintItem[]
): string {
  const own = skillOf(skill).note(
    entries.map(({ given }) => given),
    school
  );
  if (own !== undefined && kind !== 'worked-example') return own;
  const isInHead = items.every(({ hasAnswerLine }) => hasAnswerLine);
  if (isInHead) return 'In your head: write only the answer.';
  // Only where figures are lined up does the length of numbers matter.
  const areLinedUp = ['written', 'decimals'].includes(findCard(skill)!.family);
  return kind === 'harder' && !areLinedUp ? 'Take your time.' : rungWords[kind].note;
}

/** What a rung is called; on a paper of several skills, with the skill it is about. */
function titleOf(rung: Rung, { rungs }: Paper): string {
  const { title } = rungWords[rung.kind];
  const isMixed = rungs.some(({ skill }) => skill !== rung.skill);
  return isMixed ? `${title}: ${findCard(rung.skill)!.title.toLowerCase()}` : title;
}

function marksOf(part: PrintPart): number {
  return isMarked(part) ? availableMarks(part.scheme) : 0;
}

function printItem(part: PrintPart, kind: PrintKind, style: HouseStyle): PrintItem {
  const { number, item, scheme, printed } = part;
  const card = findCard(item.skill);
  const hasAnswerLine =
    kind === 'paper' && shownOf(part, kind) === 'nothing' && card !== undefined && isInHead(card);
  const showsSteps = kind === 'solutions' || (kind === 'paper' && part.kind === 'worked-example');
  return {
    number,
    prompt: item.prompt,
    marks: marksOf(part),
    hasAnswerLine,
    picture:
      kind === 'key' || hasAnswerLine ? null : snapshotPicture(printed, shownOf(part, kind), style),
    bars: kind === 'key' ? null : barsOf(part.kind, printed, kind === 'solutions'),
    alt: `${writeText(printed.line, style)} on squared paper`,
    answer: writeText(keyText(part), style),
    explanation: showsSteps ? printed.explanations : [],
    scheme:
      kind === 'key' && !isMarked(part)
        ? []
        : scheme.marks.map((mark) => `${mark.id} ${markWords(mark)}`),
    wrongAnswers: item.errorPatterns.map(({ title, answer }) => ({
      title,
      answer: writeText(answer, style)
    }))
  };
}

/** What stands in the squares of a print. */
function shownOf(part: PrintPart, kind: PrintKind): Parameters<typeof snapshotPicture>[1] {
  if (kind === 'solutions' || part.kind === 'worked-example') return 'working';
  if (part.kind === 'gaps') return 'gaps';
  return part.kind === 'set-out' || part.printed.layout.isAlwaysPrinted ? 'numbers' : 'nothing';
}
