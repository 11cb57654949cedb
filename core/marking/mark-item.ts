import type { FormCode, Value } from '../numbers';
import type { WorkedItem } from '../skill/worked-item';
import { ANSWER, isShown, printValue, sameValue } from '../working';
import { diagnose, type Explanation, type Written } from './diagnosis';
import { proposeMarks, type MarkLine } from './marks';
import { nearMiss } from '../numbers/near-number';
import { factsBehind, type SlipKind } from './near-miss';
import { isListed, madeEasier, readAs, readWorking, type Working } from './readings';
import { isFault, isOwnHand, type StepReading, type Verdict } from './step-reading';
import { covers, type Mark, type Scheme } from '../schemes';

export type Flag = 'contradicted' | 'easier';

export interface MarkedStep {
  readonly id: string;
  readonly written: string | null;
  readonly expected: string | null;
  readonly own: string | null;
  readonly verdict: Verdict;
}

/** Everything marking has to say of one item. */
export interface MarkedItem {
  readonly steps: readonly MarkedStep[];
  readonly firstSlip: string | null;
  readonly answer: { written: string | null; verdict: Verdict; form: readonly FormCode[] };
  readonly marks: { awarded: number; available: number; lines: readonly MarkLine[] };
  readonly flags: readonly Flag[];
  /** Shortcomings of the answer's form that cost nothing by the scheme. */
  readonly notes: readonly FormCode[];
  readonly slips: readonly { kind: SlipKind; step?: string }[];
  readonly diagnosis: readonly Explanation[];
}

/** Decimals as they were typed, without the commas that group their digits in threes. */
function withoutCommas({ graph }: WorkedItem, typed: Working): Working {
  const isDecimal = (id: string) => graph.byId.get(id)?.reading.kind === 'decimal';
  return Object.fromEntries(
    Object.entries(typed).map(([id, text]) => [
      id,
      isDecimal(id)
        ? text.replace(/\d{1,3}(?:,\d{3})+(?![\d,])/g, (one) => one.replaceAll(',', ''))
        : text
    ])
  );
}

/**
 * Marks what was written at the steps of an item, the final answer under `answer`, by the skill's own scheme
 * unless another is given. Steps that are not in the graph are passed over; see {@link unknownSteps}.
 */
export function markItem(
  item: WorkedItem,
  typed: Working,
  scheme: Scheme = item.scheme
): MarkedItem {
  const working = scheme.commasGroup ? withoutCommas(item, typed) : typed;
  const readings = readWorking(item.graph, working);
  const answer = readings.at(-1)!;
  const written = new Map<string, Value>(
    readings.flatMap((reading) =>
      reading.value !== undefined && isOwnHand(reading) ? [[reading.step.id, reading.value]] : []
    )
  );
  const diagnosis = diagnose(item, written, { working, readings });
  const answerRight = answer.countsAs === 'correct';
  const contradicted = isContradicted(readings, answerRight);
  const easier = madeEasier(readings);
  const form = formOf(answer, scheme);
  const lines = proposeMarks(scheme, {
    readings,
    answer,
    answerRight,
    form,
    anyWorking: readings.some((reading) => isOfWorking(reading) && isOwnHand(reading)),
    contradicted,
    isExplained: (fault) => isExplained(fault, diagnosis),
    isSpoilt: (mark) => isSpoilt(mark, { item, readings, diagnosis }),
    easier
  });
  const faults = readings.filter(isFault);
  const flags: Flag[] = [];
  if (contradicted) flags.push('contradicted');
  if (easier) flags.push('easier');
  return {
    steps: readings.filter(isListed).map(report),
    firstSlip: faults[0]?.square ?? null,
    answer: {
      written: answer.assembled ? null : answer.written,
      verdict: answer.verdict,
      form
    },
    marks: {
      awarded: lines.reduce((sum, line) => sum + line.awarded, 0),
      available: lines.reduce((sum, line) => sum + line.available, 0),
      lines
    },
    flags,
    // Of a wrong answer it would be said that its form costs nothing.
    notes: answerRight
      ? form.filter((code) => !scheme.marks.some((mark) => mark.form?.includes(code)))
      : [],
    slips: slipsOf(item, faults, { written, answerRight }),
    diagnosis
  };
}

/** Where the form of the answer falls short of what is asked for and of what is allowed beside it. */
function formOf({ step, value }: StepReading, { allows = [] }: Scheme): readonly FormCode[] {
  const codes = value === undefined ? [] : (step.form?.(value) ?? []);
  return codes.filter((code) => !allows.includes(code));
}

/** Whether a fault is that of an error pattern rather than the slip beside it. */
function isExplained({ square }: StepReading, diagnosis: readonly Explanation[]): boolean {
  return diagnosis.some(({ slip }) => slip !== square);
}

/**
 * Whether error patterns that explain all of the working are in the steps of a mark: one that is wrong, or one that they
 * change and that was left out. Where they tie, each of them must be.
 */
function isSpoilt(
  mark: Mark,
  {
    item,
    readings,
    diagnosis
  }: { item: WorkedItem; readings: readonly StepReading[]; diagnosis: readonly Explanation[] }
): boolean {
  const explaining = diagnosis.filter(
    ({ explains, slip, school }) => explains === 'working' && slip === undefined && !school
  );
  const covered = readings.filter(({ step }) => covers(mark, step.id));
  const isIn = ({ patterns }: Explanation) =>
    patterns.some((id) => {
      const changed = item.instead(item.skill.patterns.find((one) => one.id === id)!)!;
      return covered.some(({ step, written, value, countsAs }) =>
        written === null
          ? step.id in changed && value === undefined && isShown(step, item.key.get(step.id))
          : countsAs === 'slip' ||
            // A sign that was left off, and is needed.
            (step.id in changed && !sameValue(step, readAs(step, written), value))
      );
    });
  return explaining.length > 0 && explaining.every(isIn);
}

/** Names among the working that are no steps of the item. */
export function unknownSteps({ graph }: WorkedItem, working: Working): string[] {
  return Object.keys(working).filter((id) => !graph.byId.has(id));
}

/** Right where own figures give another value, or right although a step before it is wrong. */
function isContradicted(readings: readonly StepReading[], answerRight: boolean): boolean {
  return (
    readings.some(({ contradicted }) => contradicted) ||
    (answerRight && readings.some((reading) => isOfWorking(reading) && isFault(reading)))
  );
}

/** Whether a step is one by which the answer was come by. */
const isOfWorking = ({ step }: StepReading) => step.id !== ANSWER && !step.isApart;

function report({
  step,
  square,
  written,
  assembled,
  expected,
  own,
  verdict
}: StepReading): MarkedStep {
  return {
    id: square,
    written: assembled ? null : written,
    expected: printValue(step, expected) ?? null,
    own: printValue(step, own) ?? null,
    verdict
  };
}

type Slip = MarkedItem['slips'][number];

/** What each fault looks like; a bare answer may come of a wrong number fact on the way. */
function slipsOf(
  item: WorkedItem,
  faults: readonly StepReading[],
  { written, answerRight }: { written: Written; answerRight: boolean }
): Slip[] {
  const slips = faults.flatMap(slipOf);
  const answer = written.get(ANSWER);
  const isBare = written.size === 1 && answer !== undefined;
  if (slips.length > 0 || answerRight || !isBare) return slips;
  return factsBehind(item.graph, answer).map((step) => ({ kind: 'table-fact', step }));
}

function slipOf({ step, square, written, own, value, isFactSlip }: StepReading): Slip[] {
  const right = printValue(step, own);
  if (written === null || value === undefined || right === undefined) return [];
  const kind = isFactSlip ? 'table-fact' : nearMiss(step.reading.print(value), right);
  return kind ? [step.id === ANSWER ? { kind } : { kind, step: square }] : [];
}
