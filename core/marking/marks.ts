import type { FormCode } from '../numbers';
import { ANSWER, isSilent, printValue } from '../working';
import { isNearNumber } from '../numbers/near-number';
import { isFault, isOwnHand, type StepReading } from './step-reading';
import { type Mark, type Scheme, covers } from '../schemes';

/** Why a mark was or was not awarded; words modules give the sentence. */
export type Because =
  | 'right'
  | 'follows'
  | 'one-slip'
  | 'bare-answer'
  | 'no-working'
  | 'not-shown'
  | 'pattern'
  | 'slips'
  | 'wrong'
  | 'blank'
  | 'depends'
  | 'form'
  | 'contradicted'
  | 'easier'
  | 'unreadable';

export interface MarkLine {
  readonly id: string;
  readonly kind: Mark['kind'];
  readonly awarded: number;
  readonly available: number;
  readonly because: Because;
}

/** What the marks are decided from. */
export interface Evidence {
  readonly readings: readonly StepReading[];
  readonly answer: StepReading;
  /** The final answer is right, as written or as the squares read across. */
  readonly answerRight: boolean;
  /** Where the form of the answer falls short. */
  readonly form: readonly FormCode[];
  /** Something other than the answer was written. */
  readonly anyWorking: boolean;
  /** The answer is right although the working says otherwise. */
  readonly contradicted: boolean;
  /** Whether an error pattern is behind a fault. */
  readonly isExplained: (fault: StepReading) => boolean;
  /** Whether an error pattern that explains all of the working is in the steps of a mark. */
  readonly isSpoilt: (mark: Mark) => boolean;
  /** The pupil's own figures took the difficulty away. */
  readonly easier: boolean;
}

/** Proposes the marks of a scheme, line by line. */
export function proposeMarks(scheme: Scheme, evidence: Evidence): MarkLine[] {
  const lines: MarkLine[] = [];
  for (const mark of scheme.marks) {
    const dependency = lines.find(({ id }) => id === mark.dependsOn);
    const decision = decide(mark, scheme, evidence, dependency);
    lines.push({
      id: mark.id,
      kind: mark.kind,
      awarded: decision.earned ? mark.value : 0,
      available: mark.value,
      because: decision.because
    });
  }
  return lines;
}

interface Decision {
  readonly earned: boolean;
  readonly because: Because;
}

function decide(
  mark: Mark,
  scheme: Scheme,
  evidence: Evidence,
  dependency: MarkLine | undefined
): Decision {
  const isBare = evidence.answerRight && !evidence.anyWorking && !scheme.showWorking;
  // An answer says nothing of what is asked for beside it.
  const hasApart = evidence.readings.some(({ step }) => step.isApart);
  if (isBare && !hasApart && !scheme.marks.some((one) => fallsShort(one, scheme, evidence))) {
    return yes('bare-answer');
  }
  const readings = evidence.readings.filter(({ step }) => covers(mark, step.id));
  if (mark.kind === 'M') return method(mark, scheme, evidence, readings);
  const isRightAnyhow = evidence.contradicted && evidence.answerRight && covers(mark, ANSWER);
  if (dependency && dependency.awarded === 0 && !isRightAnyhow) return no('depends');
  if (fallsShort(mark, scheme, evidence)) return no('form');
  if (isRightBefore(mark, scheme, evidence)) return yes('right');
  return isRightAnyhow ? yes('contradicted') : accuracy(mark, evidence, readings);
}

/** Forms that are asked for in no prompt, so that they cost nothing but where a mark names them. */
const UNASKED: readonly FormCode[] = [
  'not-as-given',
  'trailing-zeros',
  'as-fraction',
  'as-decimal',
  'not-decimal'
];

/**
 * Whether the answer's form costs this mark: one that names the form, or the mark of the answer where a form is
 * asked for and no mark names it.
 */
function fallsShort(mark: Mark, { marks }: Scheme, { form }: Evidence): boolean {
  const names = (code: FormCode) => (one: Mark) => one.form?.includes(code) ?? false;
  const isOfAnswer = mark.kind !== 'M' && covers(mark, ANSWER);
  return form.some(
    (code) =>
      names(code)(mark) || (isOfAnswer && !UNASKED.includes(code) && !marks.some(names(code)))
  );
}

/**
 * For doing the right thing: one isolated slip is forgiven, also in what makes the method; another method, an error
 * pattern or a second slip is not.
 */
function method(
  mark: Mark,
  scheme: Scheme,
  evidence: Evidence,
  readings: readonly StepReading[]
): Decision {
  if (scheme.showWorking && !evidence.anyWorking) return no('no-working');
  const charged = readings.filter((reading) => isCharged(reading, evidence));
  if (charged.some(evidence.isExplained) || evidence.isSpoilt(mark)) return no('pattern');
  if (charged.some(isOtherMethod)) return no('wrong');
  if (charged.length > 1) return no('slips');
  const isThere = readings.some(isSomething) && readings.every((one) => isDone(one, evidence));
  if (!isThere) return no(isUnreadable(readings) ? 'unreadable' : 'not-shown');
  if (charged.length === 1) return yes('one-slip');
  return yes(readings.some(({ countsAs }) => countsAs === 'follows-through') ? 'follows' : 'right');
}

/**
 * Whether the value was found before it was brought into its form, where that has a mark of its own: what goes wrong
 * afterwards costs that mark alone (common practice).
 */
function isRightBefore(mark: Mark, { marks }: Scheme, { readings, answer }: Evidence): boolean {
  const isOfValue = mark.kind === 'A' && covers(mark, ANSWER) && mark.form === undefined;
  const hasForm = marks.some((one) => one !== mark && covers(one, ANSWER) && one.form);
  if (!isOfValue || !hasForm || answer.countsAs === 'correct') return false;
  const before = readings.filter(
    ({ step }) => answer.step.uses.includes(step.id) && !step.isOfForm
  );
  return before.every(
    ({ step, written, countsAs, expected }) =>
      (written !== null && countsAs === 'correct') || isSilent(step, expected)
  );
}

function accuracy(mark: Mark, evidence: Evidence, readings: readonly StepReading[]): Decision {
  for (const reading of readings) {
    if (reading.step.id === ANSWER) {
      if (evidence.answerRight) continue;
      if (isNearlyRight(reading, mark)) return yes('one-slip');
    }
    if (reading.countsAs === 'follows-through' && mark.own === 'ft') {
      // Of a bare answer no figures are known that it could follow from.
      if (!evidence.anyWorking) return no('wrong');
      if (evidence.easier) return no('easier');
      continue;
    }
    if (reading.countsAs === 'blank') return no(isUnreadable([reading]) ? 'unreadable' : 'blank');
    if (reading.countsAs !== 'correct' && reading.countsAs !== 'not-needed') return no('wrong');
  }
  return yes('right');
}

/** Within the slips that a mark forgives in a value that consists of several things. */
function isNearlyRight({ step, value, expected }: StepReading, { slips }: Mark): boolean {
  if (slips === undefined || value === undefined || expected === undefined) return false;
  return (step.slips?.(value, expected) ?? Infinity) <= slips;
}

/** Whether a wrong value shows another method: a choice that is none, or what no wrong number fact gives. */
function isOtherMethod({ step, value, own, isFactSlip }: StepReading): boolean {
  if (step.isChoice) return true;
  if (!step.isMethod || isFactSlip) return false;
  if (step.isSlip && value !== undefined && own !== undefined) return !step.isSlip(value, own);
  const [written, right] = [printValue(step, value), printValue(step, own)];
  return written === undefined || right === undefined || !isNearNumber(written, right);
}

/** A fault counts unless nobody used it, or nothing could be computed after an earlier one. */
function isCharged(reading: StepReading, evidence: Evidence): boolean {
  if (!isFault(reading) || isContradictedAway(reading, evidence)) return false;
  if (reading.own !== undefined) return true;
  return !evidence.readings.some(
    (earlier) => reading.step.uses.includes(earlier.step.id) && isFault(earlier)
  );
}

/**
 * A step whose wrong value nobody used: every written step that uses it is right, and one of them is of the
 * working. A right answer alone shows nothing of how it was come by.
 */
function isContradictedAway(reading: StepReading, { readings }: Evidence): boolean {
  const users = readings.filter(
    ({ step, value }) => value !== undefined && step.uses.includes(reading.step.id)
  );
  return (
    reading.value !== undefined &&
    users.some((user) => user.step.id !== ANSWER && isOwnHand(user)) &&
    users.every(({ countsAs }) => countsAs === 'correct')
  );
}

const isUnreadable = (readings: readonly StepReading[]) =>
  readings.some(({ verdict }) => verdict === 'unreadable');

/** Whether something of a step is there: written, or done in the head as later steps show. */
const isSomething = ({ value, countsAs }: StepReading) =>
  value !== undefined || countsAs === 'not-needed';

/** Written, left out, rightly unwritten, shown by a later step, or used by a step that was written. */
function isDone(reading: StepReading, evidence: Evidence): boolean {
  const { step, own, expected } = reading;
  if (isSomething(reading) || reading.leftOut) return true;
  if (isSilent(step, own) || isSilent(step, expected)) return true;
  // A right answer says for itself what such a step was; if it does not, the step was not done.
  if (evidence.answerRight) return step.seenIn === undefined;
  return evidence.readings.some(
    (user) =>
      user.step.id !== ANSWER &&
      user.step.uses.includes(step.id) &&
      (user.value !== undefined || user.leftOut)
  );
}

const yes = (because: Because): Decision => ({ earned: true, because });
const no = (because: Because): Decision => ({ earned: false, because });
