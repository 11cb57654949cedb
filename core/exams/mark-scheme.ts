import { withSigns, writeText, type HouseStyle } from '../house-style';
import { covers, type Mark, type Scheme } from '../schemes';
import { formWords, markItem } from '../marking';
import { mixedForms, type FormCode } from '../numbers';
import { patternsIn, skillOf, titleIn, WorkedItem } from '../skill';
import { ANSWER, stepOf, writtenValue, type Step } from '../working';
import type { Option } from './choice';
import type { PaperPart } from './exam-schema';

/** A mark as a printed scheme has it. */
export interface SchemeLine {
  readonly id: string;
  /** `M1`, `A1 cao`. */
  readonly code: string;
  /** What earns it, in words. */
  readonly earns: string;
}

/** A usual wrong answer, what leads to it, and the marks it earns without working. */
export interface UsualWrong {
  readonly answer: string;
  readonly title: string;
  readonly marks: number;
}

/** How a part is marked, in words. */
export interface PartScheme {
  readonly lines: readonly SchemeLine[];
  /** What is as good as the answer that stands there. */
  readonly accepted: string;
  /** What a form that is missed costs. */
  readonly formCosts: readonly string[];
  readonly wrong: readonly UsualWrong[];
}

type Asked = Pick<PaperPart, 'skill' | 'school' | 'given'>;

/** The mark scheme of a part in words, with what its usual wrong answers earn by the marking itself. */
export function partScheme(
  { skill: id, school, given }: Asked,
  { scheme, options }: { readonly scheme: Scheme; readonly options?: readonly Option[] },
  style: HouseStyle
): PartScheme {
  const worked = new WorkedItem(skillOf(id), given, school);
  const answer = stepOf(worked.graph, ANSWER);
  return {
    lines: scheme.marks.map((mark, at) => ({
      id: mark.id,
      code: codeOf(mark),
      earns:
        lettered(earnsWords(worked, mark, scheme, style), mark, options) +
        dependsWords(mark, scheme.marks.slice(0, at))
    })),
    // Of a choice a letter is enough, and nothing else is written.
    accepted: options ? '' : acceptedOf(answer, scheme),
    formCosts: scheme.marks.flatMap((mark) => {
      const words = costlyForms(answer, mark, scheme).map((code) => formWords[code]);
      return words.length > 0 ? [`Do not award ${mark.id} where: ${words.join(', or ')}.`] : [];
    }),
    wrong: wrongAnswers(worked, { scheme, ...(options && { options }) }, style)
  };
}

/** `M1`, `A2 ft`, `B1 cao`: the kind, and what it is worth. */
export function codeOf({ kind, value, own }: Mark): string {
  return `${kind}${value}${kind === 'M' ? '' : ` ${own}`}`;
}

/** The line that a mark depends on, of those before it. */
function dependsWords({ dependsOn }: Mark, before: readonly Mark[]): string {
  const line = before.findIndex(({ id }) => id === dependsOn);
  if (dependsOn === undefined || line < 0) return '';
  return `, dep on ${line === before.length - 1 ? 'the line above' : `line ${line + 1}`}`;
}

/** Of a choice, the letter of the right option before what stands there. */
function lettered(earns: string, mark: Mark, options: readonly Option[] = []): string {
  const at = options.findIndex(({ by }) => by === 'answer');
  return at < 0 || !covers(mark, ANSWER) ? earns : `${'ABCD'[at]}: ${earns}`;
}

function earnsWords(worked: WorkedItem, mark: Mark, scheme: Scheme, style: HouseStyle): string {
  const key = signed(
    writtenValue(stepOf(worked.graph, ANSWER), worked.key.get(ANSWER), style) ?? ''
  );
  if (mark.kind !== 'M') {
    const steps = namesOf(worked, mark, style).filter((name) => name !== '');
    const slips = mark.slips === undefined ? '' : `, with at most ${mark.slips} out of place`;
    if (covers(mark, ANSWER)) return key === '' ? 'as the guidance says' : `${key}${slips}`;
    return `${steps.join(', ')}${mark.own === 'ft' ? ', own figures followed' : ''}`;
  }
  const names = namesOf(worked, mark, style);
  const own = worked.skill.earns(mark, worked.given);
  const listed = names.length > MOST_NAMES ? 'the method shown' : names.join(', ');
  const what = own === undefined ? listed : withSigns(own, style);
  const shown = scheme.showWorking ? ' (working must be shown)' : '';
  return `${what}; one slip is allowed, and own figures are followed${shown}`;
}

/** An answer of algebra with true minus signs. */
const signed = (answer: string) => answer.replaceAll('-', '\u2212');

/** Steps that are named one by one. */
const MOST_NAMES = 6;

/** What the steps of a mark are called, each name once. */
function namesOf(worked: WorkedItem, mark: Mark, style: HouseStyle): string[] {
  const steps = worked.graph.steps.filter(({ id }) => id !== ANSWER && covers(mark, id));
  return [...new Set(steps.map((step) => worked.label(step, style).toLowerCase()))];
}

/** What is worth the same, by the kind of answer. */
const acceptedWords: Readonly<Record<string, string>> = {
  number: 'Accept any grouping of the digits, and a unit.',
  decimal: 'Accept zeros at the end, a fraction of the same value, and a unit.',
  factors: 'Accept the factors in any order.',
  algebra: 'Accept anything that multiplies out to the same.',
  quotient: 'Accept a remainder, or the same value as a fraction or decimal.',
  amount: 'Accept the same amount in another unit, unless the question names its own.'
};

function acceptedOf(answer: Step, scheme: Scheme): string {
  const { kind } = answer.reading;
  if (kind !== 'mixed') return acceptedWords[kind] ?? '';
  const costs = scheme.marks.flatMap((mark) =>
    costlyForms(answer, mark, scheme).length > 0 ? mark.id : []
  );
  const but = costs.length > 0 ? ` for all marks but ${costs.join(', ')}` : '';
  return `Accept a fraction of the same value${but}.`;
}

/**
 * The forms that cost a mark: those it names; of a mixed number, if no mark names any, those that the answer mark needs
 * unless the scheme allows them.
 */
function costlyForms(
  { reading, form: formOf }: Step,
  mark: Mark,
  { marks, allows = [] }: Scheme
): readonly FormCode[] {
  const { form = [] } = mark;
  const areNamed = marks.some((one) => (one.form ?? []).length > 0);
  const isOpen = reading.kind !== 'mixed' || formOf === undefined;
  if (isOpen || areNamed || !covers(mark, ANSWER) || mark.kind === 'M') return form;
  return mixedForms.filter((code) => !allows.includes(code));
}

function wrongAnswers(
  worked: WorkedItem,
  { scheme, options }: { scheme: Scheme; options?: readonly Option[] },
  style: HouseStyle
): UsualWrong[] {
  const last = stepOf(worked.graph, ANSWER);
  const earned = (answer: string) => markItem(worked, { [ANSWER]: answer }, scheme).marks.awarded;
  if (options) {
    return options
      .filter(({ by }) => by !== 'answer')
      .map(({ text, pattern }) => ({
        ...{ answer: writeText(text, style), marks: earned(text) },
        title: pattern === undefined ? 'a slip' : patternTitle(worked, pattern, style)
      }));
  }
  return worked.showing().map(({ pattern, answer }) => ({
    answer: signed(writtenValue(last, answer, style)!),
    title: titleIn(pattern.title, style),
    marks: earned(last.reading.print(answer))
  }));
}

function patternTitle({ skill }: WorkedItem, key: string, style: HouseStyle): string {
  const found = Object.keys(skill.schools)
    .flatMap((school) => patternsIn(skill, school))
    .find(({ id }) => key.endsWith(`/${id}`));
  return found ? titleIn(found.title, style) : '';
}
