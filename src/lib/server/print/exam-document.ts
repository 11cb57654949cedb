import {
  examOnForm,
  formLabel,
  partScheme,
  partSnapshot,
  placedParts,
  spaceOf,
  type Exam,
  type PartSnapshot,
  type PlacedPart
} from '@zealous-quill/core/exams';
import {
  secondsOnPaper,
  typedRuns,
  writeText,
  type HouseStyle
} from '@zealous-quill/core/house-style';
import { availableMarks } from '@zealous-quill/core/schemes';
import { keyText, printable, snapshotPicture } from '@zealous-quill/core/papers';
import { findPaperCard, OWN_QUESTION } from '@zealous-quill/core/catalogue';
import { isInHead } from '@zealous-quill/core/skill';
import type { OwnQuestion } from '@zealous-quill/core/skills/own-question';
import type { Picture } from '@zealous-quill/core/working';
import { version } from '../database/base/version';
import { coverPage, partsOf, sum } from './exam-cover';
import {
  type ExamPrintKind,
  type PrintSize,
  type PrintForm,
  type ExamPrint,
  type ExamDocument,
  type PrintedForm,
  type PrintedQuestion,
  type PrintedPart,
  type KeyRow
} from './exam-print';

const subtitles: Readonly<Record<ExamPrintKind, string>> = {
  paper: '',
  key: 'Key',
  scheme: 'Mark scheme',
  solutions: 'Worked solutions',
  'answer-sheet': 'Answer sheet'
};

const USUAL_SIZE = 11.5;

/** How many times as large as usual a size of print is. */
const scaleOf = (size: PrintSize) => (size === 0 ? 1 : size / USUAL_SIZE);

/** Lays out a print of an exam; the house style runs through all of it. */
export function examDocument(asked: ExamPrint): ExamDocument {
  const { exam, edition, kind, style, size, forms, isApproved } = asked;
  const printed = printedForms(asked);
  return {
    kind,
    title: printable(exam.title),
    subtitle: subtitles[kind],
    paper: style.paper,
    square: style.squares * scaleOf(size),
    size: size || USUAL_SIZE,
    ...{ isDraft: !isApproved, places: false },
    footer: `Edition ${edition} · seed ${exam.seed} · Zealous Quill ${version}`,
    cover: coverPage(asked, printed[0]!),
    papers: kind === 'key' ? printed.slice(0, 1) : printed,
    forms: forms.map((form) => (form.name ? `${formLabel(form)} ${form.name}` : formLabel(form))),
    keys: kind === 'key' ? keyRows(printed) : []
  };
}

/** Each form laid out once, however many write it. */
function printedForms(asked: ExamPrint): PrintedForm[] {
  const laidOut = new Map<string, ReturnType<typeof printedForm>>();
  return asked.forms.map((form) => {
    const label = formLabel(form);
    const own = laidOut.get(label) ?? printedForm(asked, form);
    laidOut.set(label, own);
    return { ...own, name: form.name ?? '', group: form.group ?? '' };
  });
}

function keyRows(printed: readonly PrintedForm[]): KeyRow[] {
  const [first, ...others] = printed.map(partsOf);
  return first!.map(({ label, marks, answer, scheme }, at) => ({
    ...{ label, marks, wrong: scheme?.wrong ?? [] },
    answers: [answer, ...others.map((form) => form[at]!.answer)]
  }));
}

function printedForm(asked: ExamPrint, form: PrintForm): Omit<PrintedForm, 'name' | 'group'> {
  const { exam, isOneOfMany } = asked;
  const own = examOnForm(exam, form);
  const placed = placedParts(own).map((one) => ({
    ...one,
    printed: printedPart(asked, form, one)
  }));
  return {
    form: isOneOfMany ? formLabel(form) : '',
    sections: own.sections
      .map((section) => {
        const all = placed.filter((one) => one.section === section);
        const isMental = asked.kind === 'paper' && all.every(({ part }) => isDoneInHead(part));
        const within = isMental ? all.map(saidOnce) : all;
        return {
          id: section.id,
          title: section.title,
          note: noteOf(section, isMental),
          marks: sum(within.map(({ printed }) => printed.marks)),
          questions: section.questions.map(({ id, stem, startsPage }): PrintedQuestion => {
            const parts = within.filter(({ question }) => question.id === id);
            return {
              ...{ id, startsPage, number: parts[0]!.number },
              isNarrow: stem === '' && asked.size === 0 && isNarrow(asked, parts),
              isLong:
                heightOf(
                  asked,
                  stem,
                  parts.map(({ printed }) => printed)
                ) > SURELY_SHORT,
              marks: sum(parts.map(({ printed }) => printed.marks)),
              stem: typedRuns(stem, asked.style),
              parts: parts.map(({ printed }) => printed)
            };
          })
        };
      })
      .filter(({ questions }) => questions.length > 0)
  };
}

/** Millimetres under which nothing that is estimated too low is longer than a page. */
const SURELY_SHORT = 130;

/** About how many millimetres a question takes at most. */
function heightOf(
  { style, size, kind }: ExamPrint,
  stem: string,
  parts: readonly PrintedPart[]
): number {
  const scale = scaleOf(size);
  const line = 7 * scale;
  const lines = (text: string) => line * (1 + text.length / (60 / scale) + text.split('\n').length);
  return parts.reduce((sum, part) => {
    const asked = part.prompt.map(({ text }) => text).join('');
    const squares = (part.picture?.height ?? 0) * style.squares * scale;
    const room = part.picture ? 0 : part.space.height * 9 * scale;
    const steps = kind === 'solutions' ? sumOfLines(part.explanation, lines) : 0;
    const rest = part.options.length * line + (part.drawing ? 150 : 0) + 2 * line;
    return sum + lines(asked) + squares + room + steps + rest;
  }, lines(stem));
}

const sumOfLines = (texts: readonly string[], lines: (text: string) => number) =>
  sum(texts.map(lines));

interface Placed extends PlacedPart {
  readonly printed: PrintedPart;
}

const isDoneInHead = ({ kind, skill }: PlacedPart['part']) =>
  (kind === 'bare' || kind === 'choice') && isInHead(findPaperCard(skill)!);

const IN_THE_HEAD = ' in your head';

/** A part of a section that says once that all is done in the head. */
function saidOnce(one: Placed): Placed {
  const prompt = one.printed.prompt.map((run) => ({
    ...run,
    text: run.text.replace(IN_THE_HEAD, '')
  }));
  return { ...one, printed: { ...one.printed, prompt } };
}

/** Millimetres of squares, and characters of a prompt, that go into half the width of a page. */
const NARROW = { squares: 72, prompt: 34 };

/** Whether a question has room beside another: one short part, with a line or narrow squares for its answer. */
function isNarrow({ kind, style }: ExamPrint, parts: readonly Placed[]): boolean {
  const [only] = parts;
  if (kind !== 'paper' || parts.length !== 1 || !only) return false;
  const { prompt, picture, options, space, drawing } = only.printed;
  const isShort = prompt.reduce((sum, { text }) => sum + text.length, 0) <= NARROW.prompt;
  const hasRoom = picture ? picture.width * style.squares <= NARROW.squares : space.kind === 'line';
  return isShort && hasRoom && options.length === 0 && drawing === null;
}

function noteOf({ instruction, calculator }: Exam['sections'][number], isMental: boolean): string {
  const inHead = isMental ? 'Work these out in your head. No written working is looked at.' : '';
  const allowed = calculator ? 'You may use a calculator.' : '';
  return [instruction, inHead, allowed].filter(Boolean).join(' ');
}

function printedPart(asked: ExamPrint, form: PrintForm, placed: PlacedPart): PrintedPart {
  const { exam, style, defaults, kind } = asked;
  const { part, label, letter } = placed;
  const snapshot = form.kept?.[part.id] ?? partSnapshot(part, { seed: exam.seed, style, defaults });
  const { item, scheme, printed, options } = snapshot;
  const marks = availableMarks(scheme);
  const own = part.skill === OWN_QUESTION ? (item.given as OwnQuestion) : undefined;
  const space = spaceOf(part);
  return {
    ...{ label, letter, marks },
    seconds: secondsOnPaper({ kind: part.kind, seconds: item.seconds }, style.timing),
    prompt: own ? typedRuns(own.text, style) : [{ text: item.prompt, isMaths: true }],
    drawing: own?.picture ?? null,
    picture: pictureIn(asked, placed, snapshot),
    alt: own ? 'Squared paper' : `${writeText(printed.line, style)} on squared paper`,
    options: (options ?? []).map(({ text }) => text),
    space: {
      kind: space.kind,
      height: space.height ?? usualHeight(marks),
      unit: space.unit ?? own?.unit ?? ''
    },
    answer: answerOf(snapshot, own, style),
    explanation: kind === 'solutions' ? printed.explanations : [],
    scheme:
      kind === 'scheme' || (kind === 'key' && !asked.isOneOfMany)
        ? partScheme(item, { scheme, ...(options && { options }) }, style)
        : null,
    guidance: typedRuns(part.guidance || (own?.guidance ?? ''), style)
  };
}

/** Lines or rows of squares for so many marks, unless an author says how many. */
const usualHeight = (marks: number) => 1 + 2 * marks;

const LETTERS = 'ABCD';

/** The answer as a key has it: of a choice with its letter, of an own question with its unit. */
function answerOf(snapshot: PartSnapshot, own: OwnQuestion | undefined, style: HouseStyle): string {
  const { options } = snapshot;
  const answer = writeText(keyText(snapshot), style);
  if (own) return own.answer === '' ? '–' : `${answer} ${own.unit}`.trim();
  const at = options?.findIndex(({ by }) => by === 'answer') ?? -1;
  return at < 0 ? answer : `${LETTERS[at]}  ${answer}`;
}

/** Millimetres that squares may go down a page: they cannot go on over its end. */
const MOST_HEIGHT = 200;

/** Millimetres across a page between its margins, the number of a question and the letter of a part left out. */
const ACROSS: Readonly<Record<HouseStyle['paper'], number>> = { a4: 158, 'us-letter': 164 };

function pictureIn(
  { kind, style, size }: ExamPrint,
  { part }: PlacedPart,
  { printed, scheme }: PartSnapshot
): Picture | null {
  const space = spaceOf(part);
  if (kind === 'solutions') {
    return part.skill === OWN_QUESTION ? null : snapshotPicture(printed, 'working', style);
  }
  if (kind !== 'paper' || space.kind !== 'squares') return null;
  const side = style.squares * scaleOf(size);
  if (part.kind === 'set-out') {
    const picture = snapshotPicture(printed, 'numbers', style);
    return { ...picture, height: Math.max(Math.ceil(picture.height), space.height ?? 0) };
  }
  // Where nothing is set out there are squares across the page.
  const usual =
    part.skill === OWN_QUESTION
      ? usualHeight(availableMarks(scheme))
      : Math.ceil(snapshotPicture(printed, 'nothing', style).height);
  const height = Math.min(Math.floor(MOST_HEIGHT / side), space.height ?? usual);
  const width = Math.floor(ACROSS[style.paper] / side);
  return { width, height, marks: [], rules: [], arcs: [] };
}
