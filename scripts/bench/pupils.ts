import { markItem, simulate } from '@zealous-quill/core/marking';
import type { WorkedItem } from '@zealous-quill/core/skill';
import type { RandomGenerator } from '@zealous-quill/core/spaces';
import { ANSWER, evaluate, isShown, printValue, stepOf } from '@zealous-quill/core/working';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { uniformInt } from 'pure-rand/distribution/uniformInt';

/** What a pupil writes on an item, as a bare answer. */
export type Answering = (item: WorkedItem, random: RandomGenerator) => string;

const happens = (random: RandomGenerator, chance: number) => uniformFloat64(random) < chance;

/** Whole numbers in an answer, changed by a rule. */
const figures = (text: string, change: (digits: string) => string) =>
  text.replace(/\d+/g, (digits) => change(digits));

/** Consistent errors that no pattern describes; each spoils most of the items on which it makes a difference. */
const inventions: readonly ((item: WorkedItem) => string)[] = [
  // The last two figures change places.
  ({ answer }) =>
    figures(answer, (d) => (d.length < 2 ? `${d}1` : d.slice(0, -2) + d.at(-1)! + d.at(-2)!)),
  // Every number that is found is one too many in front.
  ({ answer }) => figures(answer, (d) => String(Number(d[0]) + 1) + d.slice(1)),
  // A middle figure is left out, or a figure is written twice.
  ({ answer }) =>
    figures(answer, (d) => (d.length > 2 ? d.slice(0, 1) + d.slice(2) : d + d.at(-1)!))
];

/** Follows a list of decimals backwards, or exchanges brackets, where figures alone say little. */
export const invented =
  (which: number): Answering =>
  (item, random) => {
    const isList = item.skill.id === 'order-decimals';
    if (!happens(random, 0.85)) return item.answer;
    if (!isList) return inventions[which]!(item);
    const numbers = item.answer.split(', ');
    const keys = [
      // By the last figure; by the sum of the figures; by the numbers read from right to left.
      (text: string) => Number(text.at(-1)),
      (text: string) => [...text].reduce((sum, digit) => sum + (Number(digit) || 0), 0),
      (text: string) => Number([...text.replace('.', '')].reverse().join(''))
    ];
    return numbers.toSorted((one, other) => keys[which]!(one) - keys[which]!(other)).join(', ');
  };

/** Writes something of about the right size. */
export const lost: Answering = (item, random) => {
  if (happens(random, 0.15)) return item.answer;
  if (item.skill.id === 'order-decimals') {
    const numbers = item.answer.split(', ');
    return numbers
      .map((number) => [uniformFloat64(random), number] as const)
      .toSorted(([one], [other]) => one - other)
      .map(([, number]) => number)
      .join(', ');
  }
  return figures(item.answer, (digits) =>
    [...digits].map((_, at) => uniformInt(random, at === 0 ? 1 : 0, 9)).join('')
  );
};

/** Forgets a carry now and then. */
export const forgetful: Answering = (item, random) => {
  const values = new Map(
    item.graph.steps
      .filter((step) => step.kind.endsWith('carry') && isShown(step, item.key.get(step.id)))
      .filter(() => happens(random, 0.3))
      .map((step) => [step.id, 0n] as const)
  );
  const answer = evaluate(item.graph, values).get(ANSWER);
  return printValue(stepOf(item.graph, ANSWER), answer) ?? item.answer;
};

/** Holds error patterns, each followed on most of the items where it shows. */
export const holding =
  (patterns: readonly string[], degree = 0.8): Answering =>
  (item, random) => {
    // Where several could show, none has the first say.
    const turn = uniformInt(random, 0, Math.max(0, patterns.length - 1));
    const inTurn = [...patterns.slice(turn), ...patterns.slice(0, turn)];
    const pupil = {
      holds: inTurn.map((pattern) => ({ pattern, degree })),
      slipRate: 0.06,
      writesMarks: 0,
      leavesOut: 0
    };
    return simulate(item, pupil, random).working[ANSWER] ?? item.answer;
  };

/** What marking makes of it. */
export function observe(item: WorkedItem, answer: string) {
  const marked = markItem(item, { answer });
  return {
    couldShow: item.couldShow(),
    didShow: [...new Set(marked.diagnosis.flatMap((one) => one.patterns))],
    right: marked.answer.verdict === 'correct'
  };
}
