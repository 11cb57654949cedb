import { defaultHouseStyle, secondsOnPaper, workingAlone, type HouseStyle } from '../house-style';
import { ALL_STEPS, independent, schemeOf, availableMarks, type Scheme } from '../schemes';
import { snapshotOf, type ItemFacts, type Snapshot } from '../papers';
import { patternKey, secondsOf, skillOf, WorkedItem } from '../skill';
import { ANSWER, chainSheet, type Layout, type Step } from '../working';
import type { PartKind } from './blueprint';
import { optionsOf, type Option } from './choice';
import { canShow } from './row-facts';
import type { AnswerSpace, Exam, PaperPart } from './exam-schema';

/** The schemes of a department that take the place of the usual ones, by {@link schemeKey}. */
export type DefaultSchemes = Readonly<Record<string, Scheme>>;

/** What a department says of parts: how they are worked and written, how long they take, what they are worth. */
export interface House {
  readonly style: HouseStyle;
  readonly defaults: DefaultSchemes;
}

/** The house of those who say nothing: parts take the time of working alone. */
export const usualHouse: House = {
  style: { ...defaultHouseStyle, timing: workingAlone },
  defaults: {}
};

/** What else than its item decides how a part is worked out. */
export interface PartContext extends House {
  readonly seed: number;
}

export const schemeKey = (skill: string, kind: PartKind) => `${skill}/${kind}`;

/** One independent mark for the right answer: what is not worked on paper has nothing else to earn. */
const answerOnly = schemeOf(independent(ANSWER));

/** The scheme a part is marked by: its own, else the department's, else that of its skill and kind. */
export function schemeOfPart(
  {
    kind,
    skill,
    school,
    given,
    scheme
  }: Pick<PaperPart, 'kind' | 'skill' | 'school' | 'given' | 'scheme'>,
  { style, defaults }: House
): Scheme {
  const chosen = scheme ?? defaults[schemeKey(skill, kind)];
  if (chosen) return chosen;
  if (kind === 'bare' || kind === 'choice') return answerOnly;
  const usual = skillOf(skill).scheme(given, school, style);
  return kind === 'show-working' ? { ...usual, showWorking: true } : usual;
}

/** What is computed of a part, as plain data for a screen. */
export interface PartFacts extends ItemFacts {
  readonly prompt: string;
  readonly scheme: Scheme;
  /** What a mark can be for: steps and groups of them, with what they are called. */
  readonly groups: readonly StepGroup[];
  /** Of a choice; none where the item has too few wrong answers. */
  readonly options?: readonly Option[];
}

/** A step, or several of a kind as a scheme names them: `carry.*`. */
export interface StepGroup {
  readonly steps: string;
  readonly title: string;
}

/** Facts of parts, by {@link partKey}. */
export type ExamFacts = Readonly<Record<string, PartFacts>>;

/** The same text for parts of which the same is true. */
export function partKey({ id, kind, skill, school, given, scheme }: PaperPart): string {
  return JSON.stringify([id, kind, skill, school, given, scheme]);
}

/** Computes the facts of a part, in the house style; its skill must be loaded. */
export function partFacts(part: PaperPart, context: PartContext): PartFacts {
  const { item, scheme, printed, options } = partSnapshot(part, context);
  const { prompt, answer, features, difficulty, errorPatterns } = item;
  const worked = new WorkedItem(skillOf(part.skill), part.given, part.school);
  const shown = canShow(worked, { kind: part.kind, options });
  const seconds = secondsOnPaper({ ...part, seconds: item.seconds }, context.style.timing);
  return {
    ...{ line: printed.line, prompt, answer, features, difficulty, seconds, scheme },
    marks: availableMarks(scheme),
    patterns: errorPatterns
      .filter(({ id }) => shown.includes(patternKey(part.skill, id)))
      .map(({ id, answer: wrong }) => ({ id, answer: wrong })),
    groups: groupsOf(part, context.style),
    ...(options && { options })
  };
}

/** What a list shows of an exam, without working any of its parts out: marks, and seconds as predicted. */
export function partTotals(
  parts: readonly PaperPart[],
  house: House
): { readonly marks: number; readonly seconds: number } {
  return parts.reduce(
    (sum, part) => {
      const { weights, measure } = skillOf(part.skill);
      return {
        marks: sum.marks + availableMarks(schemeOfPart(part, house)),
        seconds:
          sum.seconds +
          secondsOnPaper(
            { ...part, seconds: secondsOf(weights, measure(part.given)) },
            house.style.timing
          )
      };
    },
    { marks: 0, seconds: 0 }
  );
}

/** All steps, the kinds of which there are several, those that stand alone, and the answer. */
function groupsOf({ skill, given, school }: PaperPart, style: HouseStyle): StepGroup[] {
  const worked = new WorkedItem(skillOf(skill), given, school);
  const steps = worked.graph.steps.filter(({ id }) => id !== ANSWER);
  const kinds = new Map<string, Step[]>();
  for (const step of steps) {
    const kind = step.id.includes('.') ? `${step.id.split('.')[0]!}.*` : step.id;
    kinds.set(kind, [...(kinds.get(kind) ?? []), step]);
  }
  const groups = [...kinds].map(([kind, own]) => ({
    steps: kind,
    title:
      own.length > 1 ? `every ${kind.slice(0, -2)}` : worked.label(own[0]!, style).toLowerCase()
  }));
  const all = steps.length > 1 ? [{ steps: ALL_STEPS, title: 'all of the working' }] : [];
  return [...all, ...groups, { steps: ANSWER, title: 'the answer' }];
}

/** Everything that is printed, keyed and marked of a part. */
export interface PartSnapshot extends Snapshot {
  readonly options?: readonly Option[];
}

/** Derives a part as it prints; its skill must be loaded. */
export function partSnapshot(part: PaperPart, context: PartContext): PartSnapshot {
  const { kind, skill, school, given } = part;
  const scheme = schemeOfPart(part, context);
  // Without a place of its own, as a paper has one notation of division throughout.
  const snapshot = snapshotOf(part, { given, scheme }, context.style);
  const options =
    kind === 'choice'
      ? optionsOf(skillOf(skill), given, school, context.seed, context.style)
      : undefined;
  return { ...snapshot, ...(options && { options }) };
}

/** A predicted time is rounded up to so many minutes. */
const FULL_MINUTES = 5;

/** The minutes that stand on the cover: those that are said, else the predicted seconds, rounded up. */
export function allowedMinutes({ cover }: Pick<Exam, 'cover'>, seconds: number): number {
  return cover.minutes ?? FULL_MINUTES * Math.ceil(seconds / 60 / FULL_MINUTES);
}

const usualSpaces: Readonly<Record<PartKind, AnswerSpace['kind']>> = {
  'set-out': 'squares',
  bare: 'line',
  choice: 'none',
  'show-working': 'squares',
  own: 'lines'
};

/** What is left on paper for the answer of a part. */
export function spaceOf({ kind, space }: Pick<PaperPart, 'kind' | 'space'>): AnswerSpace {
  return space ?? { kind: usualSpaces[kind] };
}

/** The line that an answer alone is written on. */
export function answerLine(answer: string): Layout {
  return chainSheet([[{ step: ANSWER, width: Math.max(8, Math.ceil(answer.length * 0.6)) }]]);
}
