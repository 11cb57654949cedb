import * as z from 'zod/mini';
import { typedLine } from '../../house-style';
import { independent, schemeOf } from '../../schemes';
import { itemSpace, listSpace } from '../../spaces';
import { ANSWER, chainSheet, stepOn } from '../../working';
import { defineSkill } from '../../skill/define';
import { count } from '../../skill/feature';
import { givenFrom, type GivenForm } from '../../skill/given/form';
import { answerKinds, ownReading, worthOf } from './answer';
import { card } from './card';
import {
  areWorked,
  earnedBy,
  graphOfSteps,
  idOf,
  letterOf,
  schemeOfSteps,
  stepsSchema
} from './steps';

/** Marks that one line of a scheme can hold. */
const MOST_OF_A_LINE = 20;
const HUNDREDTHS = 100;

const text = (length: number) => z.string().check(z.maxLength(length));

const schema = z
  .strictObject({
    /** What is asked; maths stands between $ signs. */
    text: text(2000).check(z.refine((typed) => typed.trim() !== '', 'Write what is asked.')),
    /** A picture that is kept, by its name, and what it shows for those who do not see it. */
    picture: z.optional(
      z.strictObject({ name: text(80).check(z.regex(/^[0-9a-f]{64}\.(png|svg)$/)), alt: text(300) })
    ),
    answerKind: z.enum(answerKinds),
    answer: text(200),
    unit: text(20),
    /** How it is worked, step by step; the last gives the answer. */
    steps: z.optional(stepsSchema),
    marks: z.int().check(z.minimum(1), z.maximum(50)),
    minutes: z.number().check(z.minimum(0), z.maximum(120)),
    /** In logits, as its author judges it. */
    difficulty: z.number().check(z.minimum(-4), z.maximum(4)),
    /** What earns the marks, for those who mark it. */
    guidance: text(2000)
  })
  .check(
    // It may be missing while the question is written; whoever lets the exam be sat is told.
    z.refine(
      ({ answerKind, answer }) => answer.trim() === '' || worthOf(answerKind, answer) !== undefined,
      { path: ['answer'], message: 'The answer cannot be read as that kind.' }
    ),
    z.refine(
      ({ steps = [], marks }) =>
        !areWorked(steps) || steps.reduce((sum, step) => sum + step.marks, 0) === marks,
      { path: ['marks'], message: 'The marks are those of the steps together.' }
    )
  );

/** What the author of a question writes. */
export type OwnQuestion = z.infer<typeof schema>;

const given: GivenForm<OwnQuestion> = {
  schema,
  howToType: 'Write what is asked, with maths between $ signs.',
  print: (own) => own.text,
  parse: (line) =>
    givenFrom(schema, {
      ...{ text: line, answerKind: 'none', answer: '', unit: '', guidance: '' },
      ...{ marks: 1, minutes: 1, difficulty: 0 }
    })
};

export const skill = defineSkill({
  card,
  given,
  look: (own) => own,
  features: {
    difficulty: count<OwnQuestion>([-400, 400], 'Difficulty', 'as its author judges it', (own) =>
      Math.round(HUNDREDTHS * own.difficulty)
    ),
    seconds: count<OwnQuestion>([0, 7200], 'Seconds', 'as its author judges it', (own) =>
      Math.round(60 * own.minutes)
    )
  },
  // Nobody but its author can write one.
  items: () => itemSpace({ build: () => listSpace([]), endings: () => [] }),
  working: {
    written: ({ answer, answerKind, unit, guidance, steps = [] }) => {
      if (areWorked(steps)) return graphOfSteps(steps, unit.trim());
      return [
        stepOn(
          ANSWER,
          { uses: [], rule: () => ({ text: answer.trim() }) },
          {
            reading: ownReading(answer.trim() === '' ? 'none' : answerKind, unit),
            label: 'Answer',
            says: ({ value, style }) => typedLine(guidance || `${value} ${unit}`.trim(), style)
          }
        )
      ];
    }
  },
  sheet: ({ answer, steps = [] }) => {
    const line = { step: ANSWER, width: Math.max(6, answer.length * 0.7) };
    if (!areWorked(steps)) return chainSheet([[line]]);
    const named = steps.slice(0, -1).map((_, at) => [
      { heading: letterOf(at), width: 1 },
      { step: idOf(at), width: 6 }
    ]);
    return chainSheet([...named, [{ sign: '=' }, line]]);
  },
  marks: ({ marks, steps = [] }) =>
    areWorked(steps) ? schemeOfSteps(steps) : schemeOf(...linesOf(marks)),
  earns: (step, { steps = [] }) => earnedBy(step, steps),
  patterns: {},
  prompt: (_, style, own) => typedLine(own.text, style),
  difficulty: { constant: 0, difficulty: 1 / HUNDREDTHS },
  seconds: { constant: 0, seconds: 1 },
  ladder: []
});

/** Independent marks for the answer, no line larger than a scheme allows. */
function linesOf(marks: number) {
  const lines = [];
  for (let left = marks; left > 0; left -= MOST_OF_A_LINE) {
    lines.push(independent(ANSWER, { value: Math.min(left, MOST_OF_A_LINE) }));
  }
  return lines;
}

export {
  answerOfSteps,
  areWorked,
  letterOf,
  MOST_STEPS,
  worthOfSteps,
  type OwnStep
} from './steps';
export { printedRatio } from '../../numbers/ratio';
