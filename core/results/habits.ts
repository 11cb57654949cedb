import type { MarkedOutcome } from './outcome';
import type { SatPart } from './sat-part';

/** The same word was written at a step of several parts, and was wrong each time: one way of working for all numbers. */
export interface Habit {
  /** What the step is called. */
  readonly step: string;
  readonly written: string;
  /** What the parts are called. */
  readonly parts: readonly string[];
}

/** The same wrong word is a habit from so many parts on. */
const FEWEST_ALIKE = 4;

/**
 * Words that were written again and again where others are right. A step at which different words were wrong is no
 * habit, and numbers are none: they are told by patterns.
 */
export function habitsIn(
  parts: readonly Pick<SatPart, 'label'>[],
  outcomes: readonly (Pick<MarkedOutcome, 'didShow' | 'firstSlip'> | null)[]
): Habit[] {
  const slips = outcomes.flatMap((outcome, at) => {
    const slip = outcome?.didShow.length === 0 ? outcome.firstSlip : undefined;
    return slip && isWord(slip.written) ? [{ ...slip, part: parts[at]! }] : [];
  });
  const steps = [...new Set(slips.map(({ label }) => label))];
  return steps.flatMap((step) => {
    const own = slips.filter(({ label }) => label === step);
    const [first] = own;
    const isOne = own.every(({ written }) => written === first!.written);
    if (!isOne || own.length < FEWEST_ALIKE) return [];
    return [{ step, written: first!.written, parts: own.map(({ part }) => part.label) }];
  });
}

const isWord = (text: string) => /\p{L}{3}/u.test(text);
