import { defaultHouseStyle, type HouseStyle } from '../house-style';
import { availableMarks, type Scheme } from '../schemes';
import { analyseItem, skillOf, type Features } from '../skill';
import type { Paper, PaperItem, Rung } from './paper';

/** What is computed of an item on a paper, as plain data: a screen shows it without loading the skill. */
export interface ItemFacts {
  /** The item on one line. */
  readonly line: string;
  readonly answer: string;
  readonly features: Features;
  readonly difficulty: number;
  readonly seconds: number;
  /** Marks it has where it is marked. */
  readonly marks: number;
  /** The error patterns that show, with the answer each would give. */
  readonly patterns: readonly { id: string; answer: string }[];
}

/** Facts of the items of a paper, by {@link factsKey}. */
export type Facts = Readonly<Record<string, ItemFacts>>;

type Worked = Pick<Rung, 'skill' | 'school' | 'simplestForm'>;
type Entry = Pick<PaperItem, 'given' | 'scheme'>;

/** The same text for items of which the same is true. */
export function factsKey(
  { skill, school, simplestForm }: Worked,
  { given, scheme }: Entry
): string {
  return JSON.stringify([skill, school, given, scheme, simplestForm]);
}

/** Computes the facts of an item, with the marks it has in a house style; its skill must be loaded. */
export function factsOf(
  rung: Worked,
  entry: Entry,
  style: HouseStyle = defaultHouseStyle
): ItemFacts {
  const skill = skillOf(rung.skill);
  const item = analyseItem(skill, entry.given, { school: rung.school });
  return {
    line: skill.given.print(entry.given),
    answer: item.answer,
    features: item.features,
    difficulty: item.difficulty,
    seconds: item.seconds,
    marks: availableMarks(schemeOf(rung, entry, style)),
    patterns: item.errorPatterns.map(({ id, answer }) => ({ id, answer }))
  };
}

/** In which house style facts are computed, and of which items they are known already. */
interface FactsAsked {
  readonly style?: HouseStyle;
  readonly known?: ReadonlySet<string>;
}

/** The facts of all items of a paper but those of the keys that are known. */
export function factsIn(
  { rungs }: Pick<Paper, 'rungs'>,
  { style = defaultHouseStyle, known = new Set() }: FactsAsked = {}
): Facts {
  return Object.fromEntries(
    rungs.flatMap((rung) =>
      rung.items.flatMap((entry) => {
        const key = factsKey(rung, entry);
        return known.has(key) ? [] : [[key, factsOf(rung, entry, style)] as const];
      })
    )
  );
}

/** The scheme an item is marked by: its own, else its skill's. */
export function schemeOf(
  rung: Worked,
  { given, scheme }: Entry,
  style: HouseStyle = defaultHouseStyle
): Scheme {
  return scheme ?? skillOf(rung.skill).scheme(given, rung.school, styleIn(rung, style));
}

/** The house style with what a rung asks for otherwise. */
export const styleIn = (
  { simplestForm }: Pick<Rung, 'simplestForm'>,
  style: HouseStyle
): HouseStyle => (simplestForm ? { ...style, simplestForm } : style);
