import { accuracy, method, schemeOf } from '../../../schemes';
import { digitAt, parseDigits } from '../../../numbers';
import {
  ANSWER,
  chainSheet,
  constant,
  step,
  unwrittenAt,
  using,
  type Piece
} from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count, flag } from '../../../skill/feature';
import { addends } from '../../../skill/given/numbers';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';
import { items, MOST_DIGITS } from './space';

const DIGITS = [1, MOST_DIGITS] as const;

interface Given {
  readonly addends: string[];
}

/** The digits of both numbers at each place of the longer one, from the ones. */
function columns({ addends: both }: Given): [number, number][] {
  const [one, other] = both.map((text) => parseDigits(text, 10)!);
  const length = Math.max(one!.length, other!.length);
  return Array.from({ length }, (_, place) => [digitAt(one!, place), digitAt(other!, place)]);
}

/** The places from the left. */
const placesOf = (given: Given) =>
  columns(given)
    .map((_, place) => place)
    .reverse();

const lengths = ({ addends: both }: Given) => both.map(({ length }) => length);

const features = {
  digits: count<Given>(DIGITS, 'Digits', 'digits of the longer number', (given) =>
    Math.max(...lengths(given))
  ),
  shortest: count<Given>(DIGITS, 'Shortest', 'digits of the shorter number', (given) =>
    Math.min(...lengths(given))
  ),
  crossings: count<Given>(
    [0, MOST_DIGITS],
    'Crossings',
    'places whose digits total ten or more',
    (given) => columns(given).filter(([one, other]) => one + other >= 10).length
  ),
  roundAddend: flag<Given>('Round addend', 'one of the numbers ends in 0', ({ addends: both }) =>
    both.some((text) => text.endsWith('0'))
  )
};

/** Hundreds, tens and ones are added apart, from the left, and put together on the way. */
function partition(given: Given) {
  const places = placesOf(given);
  const [top] = places as [number];
  const digits = columns(given);
  return places.flatMap((place) => {
    const scale = 10n ** BigInt(place);
    const [one, other] = digits[place]!.map((digit) => BigInt(digit) * scale) as [bigint, bigint];
    const part = step(`part.${place}`, [], () => one + other, {
      ...(place < top && unwrittenAt(0n)),
      isMethod: true,
      label: ({ place: name }) => `The ${name(place)}`,
      says: ({ value, write }) => `${write(`${one} + ${other}`)} = ${value}.`
    });
    if (place === top) return top === 0 ? [part, whole([part.id])] : [part];
    const before = place === top - 1 ? `part.${top}` : `total.${place + 1}`;
    const total = place === 0 ? whole([before, part.id]) : running(place, before);
    return [part, total];
  });
}

function running(place: number, before: string) {
  return step(`total.${place}`, [before, `part.${place}`], (sum, part) => sum + part, {
    label: 'Together so far',
    says: ({ value, of, write }) => `${of(before)} ${write('+')} ${of(`part.${place}`)} = ${value}.`
  });
}

function whole(parts: readonly string[]) {
  return step(ANSWER, parts, (...values) => values.reduce((sum, value) => sum + value), {
    says: ({ value, of }) => `Together ${parts.map(of).join(' + ')} = ${value}.`
  });
}

/** What the places total, from the left: 15 and 17 for 78 + 89. */
function fromTotals(write: (totals: string[]) => string) {
  return (given: Given) => {
    const places = placesOf(given);
    return {
      [ANSWER]: using(
        places.map((place) => `part.${place}`),
        (...parts) =>
          BigInt(write(parts.map((part, at) => String(part / 10n ** BigInt(places[at]!)))))
      )
    };
  };
}

/** Sums in the head, place by place from the left. */
export const skill = defineSkill({
  card,
  given: addends([2, 2], DIGITS, 'Write two whole numbers of up to 4 digits with + between them.'),
  look: (given: Given) => given,
  features,
  items,
  working: { partition },
  sheet(given: Given) {
    const places = placesOf(given);
    const between = places.slice(1, -1);
    const parts = places.flatMap((place, at): Piece[] => [
      ...(at > 0 ? [{ sign: '+' } as const] : []),
      { step: `part.${place}`, width: 3 }
    ]);
    const totals = between.flatMap((place): Piece[] => [
      { sign: '→' },
      { step: `total.${place}`, width: 3.5 }
    ]);
    return chainSheet([
      [{ given: given.addends.join(' + '), width: 6 }],
      parts,
      ...(totals.length > 0 ? [totals] : []),
      [{ sign: '=' }, { step: ANSWER, width: 4 }]
    ]);
  },
  earns: { 'part.*': 'the digits of each place added, as tens or hundreds' },
  marks: schemeOf(method('part.*'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'parts-joined': pattern(
      'Totals written side by side',
      'What the places total is written one after the other.',
      fromTotals((totals) => totals.join('')),
      { crossings: { min: 1 }, shortest: 2 }
    ),
    'crossing-dropped': pattern(
      'Tens of a total dropped',
      'Of the total of each place but the first, only the last digit is kept.',
      (given: Given) =>
        Object.fromEntries(
          placesOf(given)
            .slice(1)
            .map((place) => {
              const [one, other] = columns(given)[place]!;
              return [`part.${place}`, constant(BigInt((one + other) % 10) * 10n ** BigInt(place))];
            })
        ),
      { crossings: { min: 2 }, shortest: 2 }
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -4.6, digits: 0.5, shortest: 0.15, crossings: 0.45, roundAddend: -0.4 },
  seconds: { constant: 0, digits: 3, crossings: 2 },
  ladder: [
    rung('worked-example', 1, { digits: 2, shortest: 1, crossings: 1, roundAddend: false }),
    rung('gaps', 1, { digits: 2, shortest: 2, crossings: 2, roundAddend: false }),
    rung('set-out', 3, { digits: 3, shortest: 2, crossings: 1, roundAddend: false }),
    rung('bare', 4, { digits: 3, shortest: 2, crossings: 2, roundAddend: false }),
    rung('harder', 3, { digits: 3, shortest: 3, crossings: { min: 2 }, roundAddend: false }),
    rung('challenge', 2, { digits: 4, shortest: { min: 3 }, crossings: 3, roundAddend: false })
  ]
});
