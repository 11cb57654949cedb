import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
import { markWords } from '@zealous-quill/core/marking';
import { isMarked, outline, rungWords, schemeOf } from '@zealous-quill/core/papers';
import type { NumberedItem, Paper, Rung } from '@zealous-quill/core/papers';
import { skillOf } from '@zealous-quill/core/skills';
import {
  emptyPicture,
  evaluate,
  gapSteps,
  isModelled,
  modelledTexts,
  pictureOf
} from '@zealous-quill/core/working';
import type { Picture } from '@zealous-quill/core/working';
import { version } from '../version';

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
  readonly footer: string;
  readonly sections: readonly PrintSection[];
}

interface PrintSection {
  readonly title: string;
  readonly note: string;
  readonly items: readonly PrintItem[];
}

interface PrintItem {
  readonly number: number;
  readonly prompt: string;
  readonly marks: number;
  readonly picture: Picture | null;
  /** The picture in words, for those who hear the page. */
  readonly alt: string;
  readonly answer: string;
  readonly explanation: readonly string[];
  readonly scheme: readonly string[];
  readonly wrongAnswers: readonly { title: string; answer: string }[];
}

/** Lays out a paper, its key or its worked solutions; the house style runs through all of it. */
export function printDocument(
  paper: Paper & { edition: number },
  kind: PrintKind,
  style: HouseStyle
): PrintDocument {
  const { items, marks, minutes } = outline(paper);
  return {
    kind,
    title: paper.title,
    subtitle: { paper: '', key: 'Key and mark scheme', solutions: 'Worked solutions' }[kind],
    paper: style.paper,
    square: style.squares,
    summary: `${marks} marks · about ${minutes} minutes`,
    footer: `Edition ${paper.edition} · seed ${paper.seed} · Zealous Quill ${version}`,
    sections: paper.rungs
      .map((rung) => ({
        title: titleOf(rung, paper),
        note: kind === 'paper' ? rungWords[rung.kind].note : '',
        items: items
          .filter((numbered) => numbered.rung === rung)
          .filter(() => kind !== 'key' || isMarked(rung))
          .map((numbered) => printItem(numbered, kind, style))
      }))
      .filter(({ items }) => items.length > 0)
  };
}

/** What a rung is called; on a paper of several skills, with the skill it is about. */
function titleOf(rung: Rung, { rungs }: Paper): string {
  const { title } = rungWords[rung.kind];
  const isMixed = rungs.some(({ skill }) => skill !== rung.skill);
  return isMixed ? `${title}: ${skillOf(rung.skill).words.title.toLowerCase()}` : title;
}

function printItem(numbered: NumberedItem, kind: PrintKind, style: HouseStyle): PrintItem {
  const { number, rung, entry, item, marks } = numbered;
  const skill = skillOf(rung.skill);
  const graph = skill.graph(entry.given, rung.school);
  const values = evaluate(graph);
  const showsSteps = kind === 'solutions' || (kind === 'paper' && rung.kind === 'worked-example');
  return {
    number,
    prompt: skill.words.prompt(entry.given, style),
    marks,
    picture: kind === 'key' ? null : picture(numbered, kind, style),
    alt: `${skill.print(entry.given)} on squared paper`,
    answer: writeText(item.answer, style),
    explanation: showsSteps
      ? graph.steps
          .filter((step) => isModelled(step, values.get(step.id)))
          .map((step) => skill.words.explain(entry.given, step, values, style))
      : [],
    scheme: schemeOf(rung, entry).marks.map((mark) => `${mark.id} ${markWords(mark)}`),
    wrongAnswers: item.errorPatterns.map(({ title, answer }) => ({
      title,
      answer: writeText(answer, style)
    }))
  };
}

/** What stands in the squares: all of it, all but the gaps, the numbers only, or nothing. */
function picture({ rung, entry }: NumberedItem, kind: PrintKind, style: HouseStyle): Picture {
  const skill = skillOf(rung.skill);
  const layout = skill.layout(entry.given, rung.school, style);
  const graph = skill.graph(entry.given, rung.school);
  const values = evaluate(graph);
  const texts = modelledTexts(graph, values);
  if (kind === 'solutions' || rung.kind === 'worked-example') return pictureOf(layout, texts);
  if (rung.kind === 'gaps') {
    const gaps = gapSteps(graph, values);
    return pictureOf(
      layout,
      Object.fromEntries(Object.entries(texts).filter(([id]) => !gaps.has(id)))
    );
  }
  return rung.kind === 'set-out' ? pictureOf(layout, {}) : emptyPicture(layout);
}
