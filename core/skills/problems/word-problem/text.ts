import { writeNumeral, type HouseStyle } from '../../../house-style';
import { capital } from '../../../working';
import { printAmount, SCALE, type Notation } from './amount';
import { unitNames, type Context } from './context';
import type { Plot } from './plot';
import { sentencesOf } from './sentences';
import { inWords } from './units';

/** A quantity as it is told. */
export interface Quantity {
  readonly amount: number;
  readonly unit: string;
  readonly notation: Notation;
  readonly isWorded: boolean;
}

/** Everything of a problem that its text is made of. */
export interface Telling {
  readonly plot: Plot;
  readonly actors: readonly string[];
  readonly amounts: Readonly<Record<string, number>>;
  /** Numbers that are told and not needed: by their id in the context. */
  readonly beside: readonly { readonly id: string; readonly amount: number }[];
}

/** A number with its unit: `37.5 kg`, `£3.20`, `1 loaf`, `a dozen loaves`. */
export function writeQuantity(
  context: Pick<Context, 'things'>,
  { amount, unit, notation, isWorded }: Quantity,
  style: HouseStyle
): string {
  const worded = isWorded ? inWords(amount / SCALE, unit) : undefined;
  const names = unitNames(context, unit);
  if (worded) return worded.hasUnit ? worded.text : `${worded.text} ${names.many}`;
  const number = writeMixed(printAmount(amount, notation), style);
  return withUnit(number, names, amount === SCALE || (notation === 'mixed' && amount < SCALE));
}

/** The number alone, where its sentence names what it is of: `486`, `a dozen`. */
function writeNumber({ amount, unit, notation, isWorded }: Quantity, style: HouseStyle): string {
  const worded = isWorded ? inWords(amount / SCALE, unit) : undefined;
  return worded?.text ?? writeMixed(printAmount(amount, notation), style);
}

const writeMixed = (numeral: string, style: HouseStyle): string =>
  numeral.includes('/') ? numeral : writeNumeral(numeral, style);

/** A number as it is written with a unit. */
export function withUnit(
  number: string,
  { one, many, place }: ReturnType<typeof unitNames>,
  isOne: boolean
): string {
  const name = isOne ? one : many;
  if (place === 'before') return `${name}${number}`;
  return place === 'close' ? `${number}${name}` : `${number} ${name}`;
}

/** What is the same word on both sides of the Atlantic but for its spelling. */
const AMERICAN: Readonly<Record<string, string>> = {
  colour: 'color',
  coloured: 'colored',
  grey: 'gray',
  metre: 'meter',
  litre: 'liter',
  centre: 'center',
  programme: 'program',
  jewellery: 'jewelry',
  travelled: 'traveled',
  fibre: 'fiber',
  labelled: 'labeled'
};

const spelled = (text: string, style: HouseStyle): string =>
  style.spelling === 'american'
    ? text.replace(/[a-z]+/g, (word) => AMERICAN[word] ?? american(word))
    : text;

/** A plural is spelled as the word it is of. */
const american = (word: string): string => {
  const single = word.endsWith('s') ? AMERICAN[word.slice(0, -1)] : undefined;
  return single ? `${single}s` : word;
};

/** The text of a problem in a house's words. The same problem always reads the same. */
export function textOf({ plot, actors, amounts, beside }: Telling, style: HouseStyle): string {
  const { context } = plot;
  const told = new Map<string, Quantity>([
    ...plot.told.map((one) => [one.id, { ...one, amount: amounts[one.id]! }] as const),
    ...beside.map(({ id, amount }) => [id, besideQuantity(context, id, amount)] as const)
  ]);
  return sentencesOf(
    plot,
    beside.map(({ id }) => id)
  )
    .map(({ template, quantity }) => {
      const filled = withActors(spelled(template, style), plot, actors);
      const own = quantity === undefined ? undefined : told.get(quantity)!;
      if (!own) return capital(filled);
      const text = filled.replace('{}', writeQuantity(context, own, style));
      return capital(text.replace('{#}', writeNumber(own, style)));
    })
    .join(' ');
}

export function besideQuantity(context: Context, id: string, amount: number): Quantity {
  const { unit, isMixed } = context.measures[context.beside[id]![0]]!;
  const notation = isMixed ? 'mixed' : unit === '£' ? 'money' : 'number';
  return { amount, unit, notation, isWorded: false };
}

const withActors = (template: string, { people }: Plot, actors: readonly string[]): string =>
  template.replace(/\{([ABC])\}/g, (_, letter: string) => actors[people.indexOf(letter)]!);
