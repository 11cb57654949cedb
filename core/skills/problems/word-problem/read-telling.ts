import { SCALE, readAmount } from './amount';
import { unitNames, type Context } from './context';
import { isIn, wordedValues, type Plot, type Told } from './plot';
import { besideValues } from './plots';
import { problemOf, type Problem, type World } from './problem';
import { sentencesOf, standsBefore, type Sentence } from './sentences';
import { inWords } from './units';

/** Longer than any text of a problem. */
const LONGEST = 1500;

/** How the text of a plot is read. */
interface Pattern {
  readonly plot: Plot;
  readonly text: RegExp;
}

const patternsOf = new WeakMap<World, readonly Pattern[]>();

/** Reads the text of a problem back; undefined if it is none that is told in this world. */
export function readTelling(world: World, typed: string): Problem | undefined {
  const text = typed.trim().replace(/\s+/g, ' ');
  if (text.length > LONGEST) return undefined;
  let patterns = patternsOf.get(world);
  if (!patterns) {
    patterns = world.plots.map((plot) => ({ plot, text: patternOf(plot) }));
    patternsOf.set(world, patterns);
  }
  for (const pattern of patterns) {
    const found = readWith(pattern, text);
    if (found) return found;
  }
  return undefined;
}

function readWith({ plot, text }: Pattern, typed: string): Problem | undefined {
  const groups = text.exec(typed)?.groups;
  if (!groups) return undefined;
  const amounts = plot.told.map(
    (told) => [told.id, amountOf(told, groups[nameOf(told.id)]!)] as const
  );
  const beside = readBeside(plot.context, `${groups['before'] ?? ''}${groups['behind'] ?? ''}`);
  const actors = plot.people.map((letter) => groups[letter]!);
  if (!beside || amounts.some(([, amount]) => amount === undefined)) return undefined;
  if (new Set(actors).size !== actors.length) return undefined;
  return problemOf({
    ...{ plot, actors, beside },
    amounts: Object.fromEntries(amounts as [string, number][])
  });
}

const nameOf = (id: string) => `q_${id.replaceAll('-', '_')}`;

function amountOf(told: Told, written: string): number | undefined {
  const amount = told.isWorded
    ? wordedValues(told).find(
        (one) => inWords(one / SCALE, told.unit)!.text === written.toLowerCase()
      )
    : numberIn(written);
  return amount !== undefined && isIn(amount, told) ? amount : undefined;
}

/** A number as a text has it: what groups its digits is passed over. */
const numberIn = (written: string): number | undefined =>
  readAmount(written.replaceAll(/[,\u202f](?=\d{3})/g, ''));

const NUMBER = String.raw`(?:\d+ \d+/\d+|\d+/\d+|\d[\d,\u202f]*(?:\.\d+)?)`;

const literal = (text: string) => text.replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);

/** A text with one slot for a number, as a source of a pattern. */
function source({ template, quantity }: Sentence, { context, told }: Plot): string {
  const own = told.find(({ id }) => id === quantity);
  const text = template.startsWith('{}') || template.startsWith('{') ? template : capital(template);
  return withSlots(text, own ? slotOf(context, own) : NO_SLOT);
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** How a quantity is read: with its unit, and the number alone. */
interface Slot {
  readonly whole: string;
  readonly number: string;
}

const NO_SLOT: Slot = { whole: '', number: '' };

function withSlots(template: string, slot: Slot): string {
  return template
    .split(/(\{[ABC#]?\})/)
    .map((piece) => {
      const [, letter] = /^\{([ABC#]?)\}$/.exec(piece) ?? [];
      if (letter === undefined) return literal(piece);
      if (letter === '') return slot.whole;
      return letter === '#' ? slot.number : `%${letter}%`;
    })
    .join('');
}

function slotOf(context: Context, told: Told): Slot {
  const { one, many, place } = unitNames(context, told.unit);
  const names = [...new Set([one, many])].map(literal).join('|');
  if (told.isWorded) {
    const worded = wordedValues(told).map((amount) => inWords(amount / SCALE, told.unit)!);
    const texts = worded.flatMap(({ text }) => [text, capital(text)]).map(literal);
    const unit = worded.every(({ hasUnit }) => hasUnit) ? '' : ` (?:${names})`;
    const number = `(?<${nameOf(told.id)}>${texts.join('|')})`;
    return { number, whole: `${number}${unit}` };
  }
  const number = `(?<${nameOf(told.id)}>${NUMBER})`;
  return { number, whole: withNames(number, names, place) };
}

/** A number with its unit, as the source of a pattern. */
function withNames(
  number: string,
  names: string,
  place: ReturnType<typeof unitNames>['place']
): string {
  if (place === 'before') return `(?:${names})${number}`;
  return `${number}${place === 'close' ? '' : ' '}(?:${names})`;
}

/** Names are read where they first stand; later they must be the same. */
function withPeople(pattern: string, { context, people }: Plot): string {
  const names = context.actors.map(literal).join('|');
  return people.reduce((text, letter) => {
    const [first = '', ...rest] = text.split(`%${letter}%`);
    return rest.length === 0
      ? text
      : [`${first}(?<${letter}>${names})${rest[0]}`, ...rest.slice(1)].join(`\\k<${letter}>`);
  }, pattern);
}

function patternOf(plot: Plot): RegExp {
  const sentences = sentencesOf(plot).map((sentence) => source(sentence, plot));
  const ids = Object.keys(plot.context.beside);
  const others = (isBefore: boolean) =>
    ids
      .filter((id) => standsBefore(plot.context, id) === isBefore)
      .map((id) => `${besideSource(plot.context, id)} `)
      .join('|');
  const [facts, question] = [sentences.slice(0, -1).join(' '), sentences.at(-1)!];
  const text = `(?<before>(?:${others(true)}){0,2})${facts} (?<behind>(?:${others(false)}){0,2})${question}`;
  return new RegExp(`^${withPeople(text, plot)}$`, 'u');
}

function besideSource(context: Context, id: string, name?: string): string {
  const [measure, template] = context.beside[id]!;
  const { one, many, place } = unitNames(context, context.measures[measure]!.unit);
  const names = [...new Set([one, many])].map(literal).join('|');
  const number = name ? `(?<${name}>${NUMBER})` : NUMBER;
  return withSlots(template, { number, whole: withNames(number, names, place) });
}

function readBeside(context: Context, text: string) {
  const found: { id: string; amount: number }[] = [];
  let rest = text;
  for (const id of Object.keys(context.beside)) {
    const match = new RegExp(`${besideSource(context, id, 'n')} `, 'u').exec(rest);
    if (!match) continue;
    const amount = numberIn(match.groups!['n']!);
    if (amount === undefined || !besideValues(context, id).includes(amount)) return undefined;
    found.push({ id, amount });
    rest = rest.replace(match[0], '');
  }
  return rest === '' ? found : undefined;
}
