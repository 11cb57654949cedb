import { writeText, type HouseStyle } from '../house-style';
import { covers, type Mark, type Scheme } from '../schemes';
import { formWords, markItem } from '../marking';
import { patternsIn, skillOf, titleIn, WorkedItem } from '../skill';
import { ANSWER, stepOf, writtenValue } from '../working';
import type { Option } from './choice';
import type { PaperPart } from './exam-schema';

/** A mark as a printed scheme has it. */
export interface SchemeLine {
  readonly id: string;
  /** `M1`, `A1 cao, dep M1`. */
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
    lines: scheme.marks.map((mark) => ({
      id: mark.id,
      code: codeOf(mark),
      earns: earnsWords(worked, mark, scheme, style)
    })),
    accepted: acceptedWords[answer.reading.kind] ?? '',
    formCosts: scheme.marks.flatMap(({ id: mark, form = [] }) =>
      form.map((code) => `${mark} is lost where it is ${formWords[code]}`)
    ),
    wrong: wrongAnswers(worked, { scheme, ...(options && { options }) }, style)
  };
}

/** `M1`, `A2 ft, dep M1`, `B1 cao`. */
export function codeOf({ kind, value, own, dependsOn }: Mark): string {
  const follows = kind === 'M' ? '' : ` ${own}`;
  return `${kind}${value}${follows}${dependsOn ? `, dep ${dependsOn}` : ''}`;
}

function earnsWords(worked: WorkedItem, mark: Mark, scheme: Scheme, style: HouseStyle): string {
  const key = writtenValue(stepOf(worked.graph, ANSWER), worked.key.get(ANSWER), style) ?? '';
  if (mark.kind !== 'M') {
    const steps = namesOf(worked, mark, style).filter((name) => name !== '');
    const slips = mark.slips === undefined ? '' : `, with at most ${mark.slips} out of place`;
    if (covers(mark, ANSWER)) return key === '' ? 'as the guidance says' : `${key}${slips}`;
    return `${steps.join(', ')}${mark.own === 'ft' ? ', own figures followed' : ''}`;
  }
  const isAll = mark.steps.includes('*');
  const names = namesOf(worked, mark, style);
  const what = isAll || names.length > MOST_NAMES ? 'the method shown' : names.join(', ');
  const shown = scheme.showWorking ? ' (working must be shown)' : '';
  return `${what}, own figures followed, one slip forgiven${shown}`;
}

/** Steps that are named one by one. */
const MOST_NAMES = 6;

/** What the steps of a mark are called, each name once. */
function namesOf(worked: WorkedItem, mark: Mark, style: HouseStyle): string[] {
  const steps = worked.graph.steps.filter(({ id }) => id !== ANSWER && covers(mark, id));
  return [...new Set(steps.map((step) => worked.label(step, style).toLowerCase()))];
}

/** What is worth the same, by the kind of answer. */
const acceptedWords: Readonly<Record<string, string>> = {
  number: 'however the figures are grouped',
  decimal: 'zeros at the end make no difference',
  mixed: 'fractions of the same value',
  factors: 'factors in any order',
  algebra: 'anything that multiplies out to the same',
  quotient: 'a remainder, or the same value as a fraction or decimal'
};

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
    answer: writtenValue(last, answer, style)!,
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
