import {
  ANSWER,
  evaluate,
  exchanged,
  isShown,
  isSilent,
  sameValue,
  stepOf,
  valuesOf,
  type Get,
  type Graph,
  type Step,
  type Symmetry,
  type Values
} from '../working';
import type { Value } from '../numbers';

export type Verdict =
  'correct' | 'follows-through' | 'slip' | 'blank' | 'not-needed' | 'unreadable';

/** What was made of one step. */
export interface StepReading {
  readonly step: Step;
  /** The step in whose square it was written; another one where the working is arranged otherwise. */
  readonly square: string;
  readonly written: string | null;
  /** The written value, where it can be read. */
  readonly value: Value | undefined;
  /** The right value. */
  readonly expected: Value | undefined;
  /** What the step's rule gives from the pupil's own earlier steps. */
  readonly own: Value | undefined;
  readonly verdict: Verdict;
  /** Not written as such, but there as soon as the squares it reads across are. */
  readonly assembled: boolean;
  /** Blank and read as left out: later steps are judged from its left-out value. */
  readonly leftOut: boolean;
  /** Right, where the pupil's own figures give another value. */
  readonly contradicted: boolean;
}

/** What a pupil wrote, by step. The final answer stands under `answer`. */
export type Working = Readonly<Record<string, string>>;

/**
 * Gives every step its verdict, in the order of the working. A blank is read as done in the head or as left
 * out, whichever makes more of the written steps that use it right or following; on a tie, in the head.
 * After another choice that is as good (denominator 24 for 12), right is what is right from there.
 * Where steps may be exchanged, the arrangement is taken that makes most of them right or following.
 */
export function readWorking(graph: Graph, working: Working): StepReading[] {
  const arrangements: Symmetry[] = [{}, ...graph.symmetries];
  const readings = arrangements.map((symmetry) => readArranged(graph, working, symmetry));
  const worth = readings.map((reading) => reading.filter(isSound).length);
  return readings[worth.indexOf(Math.max(...worth))]!;
}

function isSound({ verdict, written }: StepReading): boolean {
  return written !== null && (verdict === 'correct' || verdict === 'follows-through');
}

function readArranged(graph: Graph, working: Working, symmetry: Symmetry): StepReading[] {
  const key = evaluate(graph);
  let chosenKey = key;
  const choices = new Map<string, Value>();
  const arranged = Object.fromEntries(
    Object.entries(working).map(([id, text]) => [exchanged(symmetry, id), text])
  );
  const written = withSeen(graph, key, withAssembled(graph, readValues(graph, arranged)));
  const resolved = new Map<string, Value | undefined>(readable(written));
  const readings: StepReading[] = [];
  for (const step of graph.steps) {
    const get: Get = (id) => resolved.get(id);
    const own = step.rule(get);
    const entry = written.get(step.id);
    const value = entry?.value;
    const leftOut = !entry && isLeftOut(graph, { step, own, key, written, resolved });
    resolved.set(step.id, value ?? (leftOut ? step.leftOut : own));
    const expected = (entry ? chosenKey : key).get(step.id);
    const verdict = value === undefined ? undefined : judge(step, { value, expected, own, get });
    if (verdict === 'correct' && !sameValue(step, value, expected)) {
      chosenKey = evaluate(graph, choices.set(step.id, value!));
    }
    readings.push({
      step,
      square: exchanged(symmetry, step.id),
      written: entry?.text ?? null,
      assembled: entry?.assembled ?? false,
      value,
      expected,
      own,
      verdict: verdict ?? (entry ? 'unreadable' : 'blank'),
      leftOut,
      contradicted: verdict === 'correct' && own !== undefined && !fits(step, value!, own, get)
    });
  }
  return withEvidence(readings);
}

interface WrittenEntry {
  readonly text: string;
  readonly value: Value | undefined;
  readonly assembled: boolean;
}

function readValues(graph: Graph, working: Working): Map<string, WrittenEntry> {
  const entries = graph.steps.flatMap((step) => {
    const text = working[step.id]?.trim() ?? '';
    return text === ''
      ? []
      : [[step.id, { text, value: step.reading.parse(text), assembled: false }] as const];
  });
  return new Map(entries);
}

/** An answer that only reads its squares across is there once all squares are that cannot be left out. */
function withAssembled(
  graph: Graph,
  written: Map<string, WrittenEntry>
): Map<string, WrittenEntry> {
  const steps = new Map(graph.steps.map((step) => [step.id, step]));
  for (const { id, assembled, uses, rule, reading } of graph.steps) {
    if (!assembled || written.has(id) || !uses.some((used) => written.has(used))) continue;
    const value = rule((used) =>
      written.has(used) ? written.get(used)!.value : steps.get(used)!.leftOut
    );
    if (value !== undefined) {
      written.set(id, { text: reading.print(value), value, assembled: true });
    }
  }
  return written;
}

/** A right answer that stands alone says what was found on the way: the factors before they were put together. */
function withSeen(
  graph: Graph,
  key: Values,
  written: Map<string, WrittenEntry>
): Map<string, WrittenEntry> {
  const answer = written.get(ANSWER)?.value;
  if (answer === undefined || !sameValue(stepOf(graph, ANSWER), answer, key.get(ANSWER))) {
    return written;
  }
  for (const { id, seenIn, reading } of graph.steps) {
    const value = written.has(id) ? undefined : seenIn?.(answer);
    if (value !== undefined)
      written.set(id, { text: reading.print(value), value, assembled: true });
  }
  return written;
}

function readable(written: ReadonlyMap<string, WrittenEntry>): [string, Value][] {
  return [...written].flatMap(([id, { value }]) => (value === undefined ? [] : [[id, value]]));
}

interface Judged {
  readonly value: Value;
  readonly expected: Value | undefined;
  readonly own: Value | undefined;
  readonly get: Get;
}

function judge(step: Step, { value, expected, own, get }: Judged): Verdict {
  if (sameValue(step, value, expected)) return 'correct';
  const follows = fits(step, value, own, get);
  if (!follows) return 'slip';
  // Another choice that is as good as the right one is right when the own figures are the right ones.
  return sameValue(step, own, expected) ? 'correct' : 'follows-through';
}

/** Whether a value is what the rule gives, or as good. */
function fits(step: Step, value: Value, own: Value | undefined, get: Get): boolean {
  return sameValue(step, value, own) || (step.accepts?.(value, get) ?? false);
}

interface Blank {
  readonly step: Step;
  readonly own: Value | undefined;
  readonly key: Values;
  readonly written: ReadonlyMap<string, WrittenEntry>;
  readonly resolved: ReadonlyMap<string, Value | undefined>;
}

function isLeftOut(graph: Graph, { step, own, key, written, resolved }: Blank): boolean {
  if (step.leftOut === undefined || sameValue(step, own, step.leftOut)) return false;
  const users = graph.steps.filter(({ id, uses }) => uses.includes(step.id) && written.has(id));
  if (users.length === 0) return false;
  const explained = (reading: Value | undefined) => {
    const get = valuesOf(graph, new Map(resolved).set(step.id, reading));
    return users.filter((user) => {
      const value = written.get(user.id)!.value;
      if (value === undefined) return false;
      return sameValue(user, value, key.get(user.id)) || fits(user, value, user.rule(get), get);
    }).length;
  };
  return explained(step.leftOut) > explained(own);
}

/**
 * A blank is not needed if a later step shows that it was done in the head, if nothing is made of it (a
 * check), or if there is nothing to write, rightly or by the pupil's own figures.
 */
function withEvidence(readings: readonly StepReading[]): StepReading[] {
  const inUse = new Set([ANSWER, ...readings.flatMap(({ step }) => step.uses)]);
  const isOptional = ({ step, expected, own }: StepReading) =>
    !inUse.has(step.id) || (expected === undefined && own === undefined);
  const shown = new Set<string>();
  // A right answer says for itself whether such a step was done.
  const speaking = new Set(readings.flatMap(({ step }) => (step.seenIn ? [step.id] : [])));
  for (const reading of [...readings].reverse()) {
    const { step, verdict, leftOut } = reading;
    if (isSound(reading) || (verdict === 'blank' && !leftOut && shown.has(step.id))) {
      const isAnswer = step.id === ANSWER && verdict === 'correct';
      step.uses.filter((id) => !isAnswer || !speaking.has(id)).forEach((id) => shown.add(id));
    }
  }
  return readings.map((reading) =>
    reading.verdict === 'blank' &&
    !reading.leftOut &&
    (shown.has(reading.step.id) || isOptional(reading))
      ? { ...reading, verdict: 'not-needed' as const }
      : reading
  );
}

/** Whether a reading charges the pupil: a slip, or a step that was left out. */
export function isFault({ verdict, leftOut }: StepReading): boolean {
  return verdict === 'slip' || leftOut;
}

/**
 * Whether a fault made the rest easier than the item was: a step that had to be written (a carry) need not
 * be, by the pupil's own figures, and was not.
 */
export function madeEasier(readings: readonly StepReading[]): boolean {
  return readings.some(
    ({ step, expected, own, verdict }, at) =>
      verdict !== 'correct' &&
      !isSilent(step, expected) &&
      isSilent(step, own) &&
      readings.slice(0, at).some(isFault)
  );
}

/** Whether a reading is worth showing: written, left out, or not rightly silent. */
export function isListed({ step, written, leftOut, expected }: StepReading): boolean {
  return step.id !== ANSWER && (written !== null || leftOut || isShown(step, expected));
}
