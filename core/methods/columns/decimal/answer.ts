import type { HouseStyle } from '../../../house-style';
import type { Scheme } from '../../../schemes';
import {
  decimalForm,
  decimalOrFraction,
  parseDecimal,
  unitsTo,
  withoutZeros,
  type Decimal
} from '../../../numbers';
import {
  ANSWER,
  constant,
  stepOn,
  using,
  type Graph,
  type Replacements,
  type Step
} from '../../../working';

/**
 * The scheme of decimals as the house writes them: something is said of zeros at the end only where it is noted, and
 * a comma may group digits. A fraction of the same value is right, and costs the mark of the answer where a decimal is
 * asked for.
 */
export function decimalScheme(
  scheme: Scheme,
  { trailingZeros, grouping }: HouseStyle,
  isDecimalAsked = false
): Scheme {
  const asked: Scheme = isDecimalAsked
    ? {
        ...scheme,
        marks: scheme.marks.map((mark) =>
          mark.steps.includes(ANSWER)
            ? { ...mark, form: [...(mark.form ?? []), 'not-decimal' as const] }
            : mark
        )
      }
    : scheme;
  return {
    ...asked,
    allows: [
      ...(trailingZeros === 'ignored' ? (['trailing-zeros'] as const) : []),
      ...(isDecimalAsked ? [] : (['not-decimal'] as const))
    ],
    ...(grouping === 'comma' && { commasGroup: true })
  };
}

/** How a decimal answer is read and printed, and what may fall short in its form. */
export const decimalAnswer = {
  reading: decimalOrFraction,
  form: decimalForm,
  label: 'Answer'
} as const;

/** The figures from the place `highest` to so many decimals read across, the point between; `what` they make. */
export function decimalAcross(
  { highest, places, amounts = false }: { highest: number; places: number; amounts?: boolean },
  what: string
): Step {
  const at = Array.from({ length: highest + 1 + places }, (_, back) => highest - back);
  const across = using(
    at.map((place) => `digit.${place}`),
    (...digits) => {
      const decimals = digits.slice(highest + 1).join('');
      const value = parseDecimal(`${digits.slice(0, highest + 1).join('')}.${decimals}`);
      // A figure from own figures may be below 0: nothing is read across then.
      return value && (amounts ? value : withoutZeros(value));
    }
  );
  return stepOn(ANSWER, across, {
    ...decimalAnswer,
    // An amount keeps its zeros; one without them has the same value.
    ...(amounts && { form: () => [] }),
    assembled: true,
    says: ({ value }) => `The point stands below the others: the ${what} is ${value}.`
  });
}

/**
 * A pattern that gives another answer, with its figures in the squares of the answer as far as there are squares for
 * them; undefined where it gives none.
 */
export function answeringInSquares<Given>(answer: (given: Given) => Decimal | undefined) {
  return (given: Given, graph: Graph): Replacements | undefined => {
    const value = answer(given);
    if (!value) return undefined;
    const places = graph.steps.flatMap(({ kind, place }) =>
      kind === 'digit' && place !== undefined ? [place] : []
    );
    const lowest = Math.min(...places);
    if (value.places > -lowest) return { [ANSWER]: constant(value) };
    const figures = String(unitsTo(value, -lowest));
    const highest = Math.max(...places);
    // What is too long for the squares stands in the first of them.
    const rest = figures.length - (highest - lowest);
    const figureAt = (place: number) =>
      place === highest ? figures.slice(0, Math.max(0, rest)) : figures.at(lowest - place - 1);
    return {
      ...Object.fromEntries(
        places.map((place) => [`digit.${place}`, constant(BigInt(figureAt(place) || '0'))])
      ),
      [ANSWER]: constant(value)
    };
  };
}

/** A pattern that gives another answer, whatever the working; undefined where it gives none. */
export function answering<Given>(answer: (given: Given) => Decimal | undefined) {
  return (given: Given): Replacements | undefined => {
    const value = answer(given);
    return value && { [ANSWER]: constant(value) };
  };
}
