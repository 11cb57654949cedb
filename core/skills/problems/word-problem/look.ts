import { defaultHouseStyle } from '../../../house-style';
import type { Operation } from '../../../skill/card';
import type { ArithmeticSkill } from './arithmetic';
import { languageOf, type Language } from './language';
import type { Role, Situation } from './links';
import { valuesOf, type Plot, type Remainder } from './plot';
import { besideValues } from './plots';
import { conversionsIn, type Problem } from './problem';
import { sentencesOf, sentencesOfMove } from './sentences';
import { besideQuantity, textOf, writeQuantity } from './text';
import { isMeasure, kindOfUnit } from './units';

/** What a plot tells of all its problems, with these numbers told beside. */
export interface PlotLook {
  readonly steps: number;
  readonly situation: readonly Situation[];
  readonly operations: readonly Operation[];
  readonly asked: Role;
  readonly language: Language;
  readonly order: 'told' | 'turned';
  readonly distractors: number;
  readonly hidden: number;
  readonly convert: number;
  readonly remainder: Remainder;
  readonly unit: string;
  /** The unit has to be written with the answer. */
  readonly measure: boolean;
  readonly context: string;
  readonly words: number;
}

/** What is seen of a plot whatever is told beside it. */
type LookAlone = Omit<PlotLook, 'distractors' | 'words'>;

const looks = new WeakMap<Plot, { readonly alone: LookAlone; readonly words: number }>();

function seen(plot: Plot) {
  let look = looks.get(plot);
  if (!look) looks.set(plot, (look = { alone: made(plot), words: wordsIn(plot) }));
  return look;
}

export const lookAlone = (plot: Plot): LookAlone => seen(plot).alone;

/** Looks at a plot; what is told beside only makes its text longer. */
export function lookAtPlot(plot: Plot, beside: readonly string[] = []): PlotLook {
  const { alone, words } = seen(plot);
  const more = beside.reduce((sum, id) => sum + wordsBeside(plot, id), 0);
  return { ...alone, distractors: beside.length, words: words + more };
}

function made(plot: Plot): LookAlone {
  const { moves, told, remainder, unit, context } = plot;
  return {
    steps: moves.length,
    situation: distinct(moves.map(({ situation }) => situation)),
    operations: distinct(moves.map(({ operation }) => operation)),
    asked: moves.at(-1)!.role,
    language: languageIn(plot),
    order: isTurned(plot) ? 'turned' : 'told',
    hidden: told.filter(({ isWorded }) => isWorded).length,
    convert: conversionsIn(plot).length,
    ...{ remainder, unit: kindOfUnit(unit), measure: isUnitAsked(plot), context: context.id }
  };
}

const distinct = <T>(values: readonly T[]): T[] => [...new Set(values)];

/** The unit is asked for where it measures and the question does not name it. */
export function isUnitAsked(plot: Plot): boolean {
  if (!isMeasure(plot.unit) || plot.remainder === 'both') return false;
  const question = sentencesOf(plot).at(-1)!.template;
  const { many, one } = namesOf(plot.unit);
  // *How many days*, *how many more days*.
  return !new RegExp(`\\bhow many (\\S+ )?(${one}|${many})\\b`, 'i').test(question);
}

/** Units as a question names them in full. */
function namesOf(unit: string): { one: string; many: string } {
  const full: Readonly<Record<string, string>> = {
    g: 'gram',
    kg: 'kilogram',
    t: 'tonne',
    ml: 'millilitre',
    l: 'litre',
    mm: 'millimetre',
    cm: 'centimetre',
    m: 'metre',
    km: 'kilometre',
    p: 'penny',
    '£': 'pound'
  };
  const one = full[unit] ?? unit;
  return { one, many: one === 'penny' ? 'pence' : `${one}s` };
}

function languageIn(plot: Plot): Language {
  const all = plot.moves.map(({ operation }, at) =>
    languageOf(sentencesOfMove(plot, at), operation)
  );
  // One inconsistent word makes the problem so.
  if (all.includes('inconsistent')) return 'inconsistent';
  return all.includes('consistent') ? 'consistent' : 'neutral';
}

/** Whether some numbers are used in another order than they are told in. */
function isTurned(plot: Plot): boolean {
  const order = sentencesOf(plot).flatMap(({ quantity }) => quantity ?? []);
  return plot.moves.some(({ uses, operation }) => {
    const places = uses.map((id) => order.indexOf(id)).filter((place) => place >= 0);
    const isFree = operation === 'addition' || operation === 'multiplication';
    return !isFree && places.some((place, at) => at > 0 && place < places[at - 1]!);
  });
}

/** Words of the text: a number with its fraction is one. It is the same whatever the numbers are. */
function wordsIn(plot: Plot): number {
  const text = textOf(
    {
      plot,
      actors: plot.context.actors.slice(0, plot.people.length),
      amounts: Object.fromEntries(
        plot.told.map((told) => [told.id, valuesOf(told)[0] ?? told.from])
      ),
      beside: []
    },
    defaultHouseStyle
  );
  return countWords(text);
}

const countWords = (text: string): number =>
  text.replaceAll(/(\d+) (\d+\/\d+)/g, '$2').split(' ').length;

/** Words of a sentence that is told beside. */
function wordsBeside({ context }: Plot, id: string): number {
  const quantity = besideQuantity(context, id, besideValues(context, id)[0]!);
  const written = writeQuantity(context, quantity, defaultHouseStyle);
  return countWords(context.beside[id]![1].replace('{}', written));
}

/** What is seen of a problem. */
export interface Look extends PlotLook {
  readonly problem: Problem;
  readonly arithmetic: readonly ArithmeticSkill[];
  readonly numbers: NumberKind;
}

export const numberKinds = ['whole', 'decimals', 'fractions'] as const;
export type NumberKind = (typeof numberKinds)[number];

/** What kind of numbers the calculations of some skills have; fractions before decimals. */
export function kindOf(skills: readonly ArithmeticSkill[]): NumberKind {
  if (skills.some((skill) => skill.startsWith('mixed'))) return 'fractions';
  return skills.some((skill) => skill.startsWith('decimal')) ? 'decimals' : 'whole';
}

export function lookAt(problem: Problem): Look {
  const arithmetic = distinct(problem.worked.map(({ skill }) => skill));
  return {
    ...lookAtPlot(
      problem.plot,
      problem.beside.map(({ id }) => id)
    ),
    ...{ problem, arithmetic, numbers: kindOf(arithmetic) }
  };
}
