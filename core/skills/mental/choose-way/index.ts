import { accuracy, independent, schemeOf } from '../../../schemes';
import { signedNumber } from '../../../numbers';
import { keepRecent } from '../../../spaces';
import { ANSWER, capital, chainSheet, stepOn, using, withLines, type Step } from '../../../working';
import { writeText, type HouseStyle } from '../../../house-style';
import { choiceAmong } from '../../../strategies/best-strategy';
import { defineSkill, rung } from '../../../skill/define';
import { count, flag, oneOf } from '../../../skill/feature';
import { listedItems } from '../../../skill/listed-items';
import type { Skill } from '../../../skill/skill';
import { WorkedItem } from '../../../skill/worked-item';
import bestWays from './best-ways.json';
import { card } from './card';
import { given, type Chosen, type Given } from './numbers';
import { patternsOfWays } from './errors';
import {
  crosses,
  keyOf,
  LARGEST_MARGIN,
  numbersAt,
  OPERATIONS,
  readByte,
  SIZE,
  sumAt
} from './table';
import { ON_PAPER, valueOf, wayOf, wayReading, waysFor, type NamedWay } from './way';

interface Look extends ReturnType<typeof numbersAt> {
  /** The best way, and by how many digits less it holds. */
  readonly way: string;
  readonly margin: number;
}

const digitsOf = (number: number) => (number < 100 ? 2 : 3);

/** The table of best ways, a byte for each key. */
async function tableOf(packed: string): Promise<Uint8Array> {
  const bytes = Uint8Array.from(atob(packed), (char) => char.charCodeAt(0));
  const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream('deflate-raw'));
  return new Uint8Array(await new Response(stream).arrayBuffer());
}

/** The sum and its answer on one line, the way on the next. */
const namingSheet = (line: string) =>
  withLines(chainSheet([[{ given: line, width: 5 }, { sign: '=' }, { step: ANSWER, width: 4 }]]), [
    [
      { heading: 'Way', width: 2 },
      { step: 'way', width: 8 }
    ]
  ]);

/**
 * Choosing a way of working, among those of these skills, in the order of the catalogue: the sum is worked and the way
 * named, or worked by the best way. It is made when its ways are loaded.
 */
export async function choosingAmong(skills: readonly Skill[]): Promise<Skill> {
  const table = await tableOf(bestWays.packed);
  const names = bestWays.ways.map((id) => wayOf(skills.find((skill) => skill.id === id)!));
  const values = names.map(valueOf);
  const recentChoices = keepRecent<Chosen>(100);

  const chosen = (sum: Given): Chosen =>
    recentChoices(given.print(sum), () => {
      const choice = choiceAmong(skills, sum);
      const [best] = choice.best;
      return { choice, item: new WorkedItem(best!.skill, best!.given, best!.school) };
    });
  const lookAt = (key: number): Look => {
    const { place, margin } = readByte(table[key]!);
    const { operation, larger, smaller } = numbersAt(key);
    return { operation, larger, smaller, way: values[place]!, margin };
  };
  const look = (sum: Given) => lookAt(keyOf(sum));

  const features = {
    operation: oneOf<Look, string>(
      OPERATIONS,
      'Operation',
      'what is worked out',
      (l) => l.operation
    ),
    digits: count<Look>([2, 3], 'Digits', 'digits of the longer number', (l) => digitsOf(l.larger)),
    shortest: count<Look>([2, 3], 'Shortest', 'digits of the shorter number', (l) =>
      digitsOf(l.smaller)
    ),
    crosses: flag<Look>(
      'Crosses',
      'a place but the highest comes to ten and more, or lacks what is taken away; products always',
      (l) => crosses(l.operation, l.larger, l.smaller)
    ),
    cheapest: oneOf<Look, string>(
      [...new Set(values)],
      'Best way',
      'the way by which least is held; on paper where none in the head suits',
      (l) => l.way
    ),
    margin: count<Look>(
      [0, LARGEST_MARGIN],
      'Ahead by',
      `so many digits less are held than by the next best way; ${LARGEST_MARGIN} where there is no other`,
      (l) => l.margin
    )
  };

  function named(sum: Given): Step[] {
    const [one, other] = sum.operands.map(BigInt) as [bigint, bigint];
    const { choice, item } = chosen(sum);
    const results = {
      addition: one + other,
      subtraction: one - other,
      multiplication: one * other
    };
    const best = [...new Set(choice.best.map((way) => wayOf(way.skill)))];
    return [
      stepOn(
        'way',
        { uses: [], rule: () => ({ way: best[0]! }) satisfies NamedWay },
        {
          reading: wayReading(skills, sum.operation),
          isApart: true,
          // Any way as cheap is right.
          accepts: (written) => best.includes((written as NamedWay).way),
          label: 'Way',
          says: ({ write }) =>
            best[0] === ON_PAPER
              ? 'On paper, as no way in the head suits.'
              : `${capital(best.join(', or '))}. ${write(item.skill.because(item.given))}`
        }
      ),
      stepOn(
        ANSWER,
        using([], () => results[sum.operation]),
        {
          reading: signedNumber,
          says: ({ value, write, style }) =>
            best[0] === ON_PAPER
              ? `${write(given.print(sum))} = ${value}.`
              : explained(item, style).join(' ')
        }
      )
    ];
  }

  return defineSkill<Given, Look>({
    card,
    given,
    look,
    features,
    items: listedItems<Given, Look>({
      size: SIZE,
      isItem: (key) => table[key] !== 0,
      item: (key) => sumAt(key) as Given,
      ...{ look, features },
      lookAt
    }),
    working: { named, worked: (sum) => chosen(sum).item.graph },
    sheet(sum, school, style) {
      const { item } = chosen(sum);
      if (school === 'worked') return item.skill.sheet(item.given, item.school, style);
      return { ...namingSheet(writeText(given.print(sum), style)), isAlwaysPrinted: true };
    },
    marks(sum, school, style) {
      if (school === 'named') return schemeOf(independent('way'), accuracy());
      const { item } = chosen(sum);
      return item.skill.scheme(item.given, item.school, style);
    },
    earns: (first, sum) => {
      const { item } = chosen(sum);
      return item.skill.earns({ steps: [first] }, item.given);
    },
    marksTell: ['cheapest'],
    patterns: patternsOfWays(skills, bestWays.shows, chosen),
    prompt: (line, _style, _sum, { showsWorking = false } = {}) =>
      `Work out ${line} the best way${showsWorking ? ', and name it' : ''}.`,
    note: (sums, school) => (school === 'named' ? waysInWords(skills, sums) : undefined),
    difficulty: {
      constant: -4.2,
      digits: 0.5,
      shortest: 0.5,
      operation: { addition: 0, subtraction: 0.2, multiplication: 1.5 },
      cheapest: { 'on-paper': 1.2 }
    },
    seconds: { constant: 0, digits: 3, shortest: 3, cheapest: { 'on-paper': 30 } },
    ladder: ladder()
  });
}

/** The steps of a way in sentences. */
const explained = (item: WorkedItem, style: HouseStyle): string[] =>
  item.modelled(item.layout(style)).map((step) => item.explain(step, style));

const operationWords = {
  addition: 'Adding',
  subtraction: 'Taking away',
  multiplication: 'Multiplying'
} as const;

/** The ways that can be named at some sums, for the head of their rung. */
function waysInWords(skills: readonly Skill[], sums: readonly Given[]): string {
  const operations = OPERATIONS.filter((one) => sums.some(({ operation }) => operation === one));
  const lists = operations.map(
    (one) => `${operationWords[one]}: ${waysFor(skills, one).join(', ')}.`
  );
  return ['Choose a way, write its name, and work the sum.', ...lists].join(' ');
}

/** Sums in which one way is clearly best: of two digits, then of three, and products last. */
function ladder() {
  const short = { digits: 2, shortest: 2, crosses: true };
  const clear = { margin: { min: 1 } };
  const mixed = (...ways: readonly (readonly [way: string, count: number])[]) => ({
    feature: 'cheapest',
    parts: ways.map(([way, count]) => ({ control: [way], count }))
  });
  const adding = { operation: ['addition'] };
  const takingAway = { operation: ['subtraction'] };
  return [
    rung('worked-example', 1, { ...short, ...clear, ...adding, cheapest: ['near-multiple'] }),
    rung('gaps', 1, { ...short, ...takingAway, cheapest: ['near-multiple'] }),
    rung(
      'set-out',
      6,
      { ...short, ...clear, digits: 3, ...adding },
      mixed(['near-multiple', 2], ['making-up', 2], ['from-the-left', 2])
    ),
    rung('bare', 6, {
      ...short,
      digits: 3,
      ...takingAway,
      cheapest: ['near-multiple', 'nines-and-ten']
    }),
    rung(
      'harder',
      6,
      { ...short, ...clear, digits: 3, shortest: 3, ...adding },
      mixed(['near-multiple', 2], ['near-double', 2], ['from-the-left', 2])
    ),
    rung('challenge', 4, {
      ...short,
      operation: ['multiplication'],
      cheapest: ['halve-and-double', 'near-base', 'square-near-base', 'square-ending-in-5']
    })
  ];
}
