import { added, ratio } from '../../../numbers/ratio';
import { ANSWER, stepOn, usingValues, type Step } from '../../../working';
import { ratioOfAmount, SCALE } from './amount';
import { answerReading, unitForm, type Amount } from './answer';
import { isUnitAsked } from './look';
import type { Problem } from './problem';
import { resultId, worthIn } from './sources';

/** The right answer. */
function answerOf(problem: Problem): Amount {
  const { worked, plot } = problem;
  const { value, left } = worked.at(-1)!;
  return answerFrom(problem, {
    worth: ratioOfAmount(value),
    ...(plot.remainder !== 'none' && { left: BigInt(left / SCALE) })
  })!;
}

/** What the last result says of what is asked. */
function answerFrom({ plot }: Problem, result: Amount): Amount | undefined {
  const { unit, remainder } = plot;
  const left = result.left ?? 0n;
  const worth = worthIn(result, plot.moves.at(-1)!.gives.unit);
  switch (remainder) {
    case 'none':
    case 'down':
      return { worth, unit };
    case 'up':
      return { worth: left > 0n ? added(worth, ratio(1n)) : worth, unit };
    case 'left':
      return result.left === undefined ? undefined : { worth: ratio(left), unit };
    case 'both':
      return { worth, unit, left };
  }
}

export function answerStep(problem: Problem): Step {
  const { plot } = problem;
  const last = resultId(plot.moves.length - 1);
  const { notation } = plot.moves.at(-1)!.gives;
  const right = answerOf(problem);
  const isAsked = isUnitAsked(plot);
  return stepOn(
    ANSWER,
    usingValues<[Amount]>([last], (result) => answerFrom(problem, result)),
    {
      reading: answerReading({
        ...{ context: plot.context, unit: plot.unit, notation },
        ...(plot.remainder === 'both' && { leftOf: plot.moves.at(-1)!.unit })
      }),
      form: (value) => unitForm(value as Amount, { right, isAsked }),
      says: ({ value }) => answerSays(problem, value)
    }
  );
}

const LEFT_WORDS = {
  none: '',
  up: 'What is left needs one more: ',
  down: 'What is left does not make one more: ',
  left: 'What is left is asked for: ',
  both: ''
} as const;

const answerSays = ({ plot }: Problem, value: string): string =>
  `${LEFT_WORDS[plot.remainder] || 'The answer is '}${value}.`;

interface Text {
  readonly text: string;
}

/** The unit of the answer, as the answer shows it. */
export function unitStep(problem: Problem): Step {
  const { plot } = problem;
  const text = (unit: string): Text => ({ text: unit });
  return stepOn(
    'unit',
    usingValues([], () => text(plot.unit)),
    {
      reading: textReading,
      isUnwritten: true,
      isApart: isUnitAsked(plot),
      seenIn: (answer) => {
        const amount = answer as Amount;
        if (amount.unit === undefined) return undefined;
        const isRight = unitForm(amount, { right: answerOf(problem), isAsked: true }).length === 0;
        return text(isRight ? plot.unit : amount.unit);
      },
      label: 'The unit of the answer',
      says: ({ value }) => `The unit is ${value}.`
    }
  );
}

const textReading = {
  kind: 'text',
  parse: (written: string): Text | undefined =>
    written.trim() === '' ? undefined : { text: written.trim() },
  equal: (one: Text, other: Text) => one.text.toLowerCase() === other.text.toLowerCase(),
  print: ({ text }: Text) => text,
  near: () => []
} as unknown as Step['reading'];

/** A sentence may be written, and is never marked by itself. */
export const sentenceStep: Step = stepOn(
  'sentence',
  usingValues([], () => ({ text: '-' })),
  {
    reading: textReading,
    isUnwritten: true,
    accepts: () => true,
    label: 'Sentence',
    says: 'The answer in a sentence.'
  }
);
