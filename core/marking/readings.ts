import {
  ANSWER,
  evaluate,
  exchanged,
  isShown,
  isSilent,
  sameValue,
  stepOf,
  type Get,
  type Graph,
  type Step,
  type Symmetry,
  type Values
} from '../working';
import { isTooLong, type Value } from '../numbers';
import { fits, isLeftOut, isWrongFact, totalShown, type WrittenEntry } from './blanks';
import { withEvidence } from './evidence';
import { isFault, type StepReading } from './step-reading';

/** What a pupil wrote, by step. The final answer stands under `answer`. */
export type Working = Readonly<Record<string, string>>;

/**
 * Gives every step its verdict, in the order of the working. A blank is read as done in the head or as left
 * out, whichever makes more of the written steps that use it right or following; on a tie, in the head.
 * After another choice that is as good (denominator 24 for 12), right is what is right from there.
 * Where steps may be exchanged, the arrangement is taken in which fewest are wrong.
 */
export function readWorking(graph: Graph, working: Working): StepReading[] {
  const usual = readArranged(graph, working, {});
  if (!usual.some(isFault)) return usual;
  const faults = (readings: readonly StepReading[]) => readings.filter(isFault).length;
  return graph.symmetries
    .map((symmetry) => readArranged(graph, working, symmetry))
    .reduce((best, other) => (faults(other) < faults(best) ? other : best), usual);
}

/** As {@link readWorking}, with the steps that may be exchanged exchanged as said. */
export function readArranged(graph: Graph, working: Working, symmetry: Symmetry): StepReading[] {
  const key = evaluate(graph);
  let chosenKey = key;
  const choices = new Map<string, Value>();
  const arranged = Object.fromEntries(
    Object.entries(working).map(([id, text]) => [exchanged(symmetry, id), text])
  );
  const written = withSeen(graph, key, withAssembled(graph, readValues(graph, arranged)));
  const resolved = new Map<string, Value | undefined>(readable(written));
  /** Totals that went wrong, as what was written of them shows. */
  const totals = new Map<string, bigint>();
  const readings: StepReading[] = [];
  for (const step of graph.steps) {
    const get: Get = (id) => resolved.get(id);
    const wrongTotal = step.total && totals.get(step.total.id);
    const own = wrongTotal === undefined ? step.rule(get) : step.total!.part(wrongTotal);
    const entry = written.get(step.id);
    const value =
      entry?.value !== undefined && step.meant ? step.meant(entry.value, own) : entry?.value;
    const leftOut = value === undefined && isLeftOut(graph, { step, own, key, written, resolved });
    resolved.set(step.id, value ?? (leftOut ? step.leftOut : own));
    const expected = (entry ? chosenKey : key).get(step.id);
    const judged = value === undefined ? 'blank' : judge(step, { value, expected, own, get });
    if (judged === 'correct' && !sameValue(step, value, expected)) {
      chosenKey = evaluate(graph, choices.set(step.id, value!));
    }
    const fault = judged === 'slip' && { step, own, key, written, resolved };
    const shownTotal =
      fault && wrongTotal === undefined ? totalShown(graph, fault, value!) : undefined;
    if (shownTotal !== undefined) totals.set(step.total!.id, shownTotal);
    readings.push({
      step,
      square: exchanged(symmetry, step.id),
      written: entry?.text ?? null,
      assembled: entry?.assembled ?? false,
      value,
      expected,
      own,
      verdict: entry?.isUnreadable ? 'unreadable' : judged,
      countsAs: judged,
      isFactSlip: fault && isWrongFact(graph, fault, value!, shownTotal),
      leftOut,
      contradicted: judged === 'correct' && own !== undefined && !fits(step, value!, own, get)
    });
  }
  return withEvidence(readings);
}

function readValues(graph: Graph, working: Working): Map<string, WrittenEntry> {
  const entries = graph.steps.flatMap((step) => {
    const text = working[step.id]?.trim() ?? '';
    if (text === '') return [];
    const value = readAs(step, text);
    const isUnreadable = value === undefined;
    return [[step.id, { text, value, assembled: false, isUnreadable }] as const];
  });
  return new Map(entries);
}

/**
 * An answer that only reads its squares across is there once all squares are that cannot be left out; so it is
 * if it was written below and cannot be read.
 */
function withAssembled(
  graph: Graph,
  written: Map<string, WrittenEntry>
): Map<string, WrittenEntry> {
  for (const { id, assembled, uses, rule, reading } of graph.steps) {
    const entry = written.get(id);
    if (!assembled || entry?.value !== undefined || !uses.some((used) => written.has(used)))
      continue;
    const value = rule((used) =>
      written.has(used) ? written.get(used)!.value : unwritten(stepOf(graph, used))
    );
    if (value === undefined) continue;
    written.set(id, entry ? { ...entry, value } : read(reading.print(value), value));
  }
  return written;
}

/** What a step stands for that is not written: left out, or rightly unwritten. */
const unwritten = ({ leftOut, silentAt }: Step): Value | undefined => leftOut ?? silentAt;

/** What is there without having been written at its own place. */
const read = (text: string, value: Value): WrittenEntry => ({
  text,
  value,
  assembled: true,
  isUnreadable: false
});

/**
 * An answer says what was found on the way: the factors before they were put together. Of a wrong answer only
 * what is right is shown by it.
 */
function withSeen(
  graph: Graph,
  key: Values,
  written: Map<string, WrittenEntry>
): Map<string, WrittenEntry> {
  const answer = written.get(ANSWER)?.value;
  if (answer === undefined) return written;
  const isRight = sameValue(stepOf(graph, ANSWER), answer, key.get(ANSWER));
  for (const step of graph.steps) {
    const value = written.has(step.id) ? undefined : step.seenIn?.(answer);
    if (value === undefined || !(isRight || sameValue(step, value, key.get(step.id)))) continue;
    written.set(step.id, read(step.reading.print(value), value));
  }
  return written;
}

function readable(written: ReadonlyMap<string, WrittenEntry>): [string, Value][] {
  return [...written].flatMap(([id, { value }]) => (value === undefined ? [] : [[id, value]]));
}

/** What was written at a step, as its reading takes it; undefined where that cannot be read, or is too long. */
export function readAs(step: Step, text: string): Value | undefined {
  if (isTooLong(text)) return undefined;
  return step.reading.parse(text) ?? lastSide(step, text) ?? withoutUnit(step, text);
}

/** Units that are written after a number with one or two letters; longer ones are any word. */
const SHORT_UNITS = 'mm|cm|dm|m|km|mg|g|kg|t|ml|cl|l|s|min|h|p|°C|°';

const NUMBERS = ['number', 'decimal', 'mixed', 'quotient'];

/** A number with a sign of money before it, or a unit after it: `£16.25`, `85 m`, `12 lanterns`. */
function withoutUnit({ reading }: Step, text: string): Value | undefined {
  if (!NUMBERS.includes(reading.kind)) return undefined;
  const bare = text
    .replace(/^\s*[£€$]\s*(?=[\d.])/, '')
    .replace(new RegExp(`(?<=\\d)\\s*(?:${SHORT_UNITS}|[a-z]{3,20})[²³]?\\.?\\s*$`), '');
  return bare === text ? undefined : reading.parse(bare);
}

/** Of a chain `a = b = c` its last side counts; after a product it may go on with `= 0`. */
function lastSide({ reading }: Step, text: string): Value | undefined {
  const sides = text.split('=').map((side) => side.trim());
  if (sides.length === 1) return undefined;
  const isEquation = sides.at(-1) === '0' && reading.kind === 'factors';
  return reading.parse(sides.at(isEquation ? -2 : -1)!);
}

interface Judged {
  readonly value: Value;
  readonly expected: Value | undefined;
  readonly own: Value | undefined;
  readonly get: Get;
}

function judge(
  step: Step,
  { value, expected, own, get }: Judged
): 'correct' | 'follows-through' | 'slip' {
  if (sameValue(step, value, expected)) return 'correct';
  const follows = fits(step, value, own, get);
  if (!follows) return 'slip';
  // Another choice that is as good as the right one is right when the own figures are the right ones.
  return sameValue(step, own, expected) ? 'correct' : 'follows-through';
}

/**
 * Whether a fault made the rest easier than the item was: a step that had to be written (a carry) need not
 * be, by the pupil's own figures, and was not.
 */
export function madeEasier(readings: readonly StepReading[]): boolean {
  return readings.some(
    ({ step, expected, own, countsAs }, at) =>
      countsAs !== 'correct' &&
      !isSilent(step, expected) &&
      isSilent(step, own) &&
      readings.slice(0, at).some(isFault)
  );
}

/** Whether a reading is worth showing: written, left out, or not rightly silent. */
export function isListed({ step, written, leftOut, expected }: StepReading): boolean {
  return step.id !== ANSWER && (written !== null || leftOut || isShown(step, expected));
}
