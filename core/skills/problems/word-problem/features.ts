import type { Operation } from '../../../skill/card';
import { count, flag, list, oneOf, titleIn, type Feature } from '../../../skill/feature';
import type { Skill } from '../../../skill/skill';
import { arithmeticSkills } from './arithmetic';
import type { ArithmeticMeasure } from './measure';
import { languages } from './language';
import { roles, situations } from './links';
import { numberKinds, type Look } from './look';
import { MOST_BESIDE, MOST_STEPS, MOST_WORDED, remainders } from './plot';
import type { World } from './problem';
import { kindOfUnit } from './units';

const operations: readonly Operation[] = ['addition', 'subtraction', 'multiplication', 'division'];

/** Words of the shortest and of the longest text that may be asked for. */
const WORDS = [5, 120] as const;

/** What is measured of a problem itself. */
export function problemFeatures({ plots, contexts }: World) {
  const units = [...new Set(plots.map(({ unit }) => kindOfUnit(unit)))];
  return {
    steps: count<Look>([1, MOST_STEPS], 'Steps', 'operations that are needed', (l) => l.steps),
    arithmetic: list<Look>(
      arithmeticSkills,
      'Arithmetic',
      'what the operations are worked by',
      (l) => l.arithmetic
    ),
    numbers: oneOf<Look, string>(
      numberKinds,
      'Numbers',
      'whole numbers, or decimals or fractions among them',
      (l) => l.numbers
    ),
    situation: list<Look>(
      situations,
      'Situation',
      'how the quantities hang together',
      (l) => l.situation
    ),
    operations: list<Look>(
      operations,
      'Operations',
      'which operations are needed',
      (l) => l.operations
    ),
    asked: oneOf<Look, string>(
      roles,
      'Asked',
      'the quantity the question asks for',
      (l) => l.asked
    ),
    language: oneOf<Look, string>(
      languages,
      'Language',
      'whether the words name the operation that is needed (consistent), another one, or none',
      (l) => l.language
    ),
    order: oneOf<Look, string>(
      ['told', 'turned'],
      'Order of numbers',
      'whether the numbers are used in the order in which they are told',
      (l) => l.order
    ),
    distractors: count<Look>(
      [0, MOST_BESIDE],
      'Distractors',
      'numbers that are told and not needed',
      (l) => l.distractors
    ),
    hidden: count<Look>(
      [0, MOST_WORDED],
      'Told in words',
      'quantities told in words, as a dozen is',
      (l) => l.hidden
    ),
    convert: count<Look>(
      [0, 2],
      'Conversions',
      'numbers brought into another unit',
      (l) => l.convert
    ),
    remainder: oneOf<Look, string>(
      remainders,
      'What is left',
      'what is done with what is left of a division: counted up, down, asked for, or both told',
      (l) => l.remainder
    ),
    unit: oneOf<Look, string>(
      units,
      'Unit',
      'the unit of the answer; a count where things are counted',
      (l) => l.unit
    ),
    measure: flag<Look>(
      'Unit asked for',
      'the answer is a measure, whose unit has to be written',
      (l) => l.measure
    ),
    context: oneOf<Look, string>(
      contexts.map(({ id }) => id),
      'Context',
      'where the story is set',
      (l) => l.context
    ),
    words: count<Look>([...WORDS], 'Words', 'words of the text', (l) => l.words)
  } satisfies Record<string, Feature<Look>>;
}

/** Features of the arithmetic: what its skill measures of each operation that it works. */
export function arithmeticFeatures(
  skills: readonly Skill[],
  measure: ArithmeticMeasure
): Record<string, Feature<Look>> {
  return Object.fromEntries(
    skills.flatMap((skill) =>
      skill.features.map(({ id, ...feature }) => [
        `${skill.id}/${id}`,
        {
          ...feature,
          title: (style) => `${skill.title}: ${titleIn(feature.title, style).toLowerCase()}`,
          measure: ({ problem }) =>
            problem.worked
              .filter((worked) => worked.skill === skill.id)
              .map(({ skill, sum }) => measure(skill, sum)[id]!)
        } satisfies Feature<Look>
      ])
    )
  );
}
