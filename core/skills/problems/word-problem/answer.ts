import { ungrouped, type FormCode, type Reading } from '../../../numbers';
import {
  added,
  areSame,
  printedRatio,
  ratio,
  times,
  writtenRatio,
  type Ratio
} from '../../../numbers/ratio';
import { unitNames, type Context } from './context';
import { withUnit } from './text';
import { factorOf, rateOf, units } from './units';

/** An answer: how much, of what where a unit is written, and what is left where that is told too. */
export interface Amount {
  readonly worth: Ratio;
  readonly unit?: string;
  readonly left?: bigint;
  /** How many of the unit in which it was worked the usual unit has, where that was a smaller one. */
  readonly scale?: Ratio;
}

/** How an answer is written and compared. */
export interface Answering {
  readonly context: Context;
  /** The unit in which the answer is asked. */
  readonly unit: string;
  readonly notation: 'number' | 'money' | 'mixed';
  /** What is left is told as well, of this. */
  readonly leftOf?: string;
}

/**
 * Reads answers like `37.25 kg`, `£3.20`, `320p`, `5 boats`, `4 boats and 2 left`, `4 r 2`. Two are equal if they are the same
 * quantity, or the same number where one has no unit or the wrong one: what a unit is worth is a matter of form.
 */
export function answerReading(answering: Answering): Reading<Amount> {
  const { unit, leftOf } = answering;
  return {
    kind: 'amount',
    parse: (written) => readAnswer(written, answering),
    equal(one, other) {
      if ((one.left ?? 0n) !== (other.left ?? 0n)) return false;
      const [a, b] = [inUnit(one, unit), inUnit(other, unit)];
      return (a && b && areSame(a, b)) || areSame(one.worth, other.worth);
    },
    print: (amount) => printAnswer(amount, answering),
    near: (amount) => nearTo(amount, leftOf !== undefined),
    size: ({ worth }) => Number(worth.top) / Number(worth.bottom)
  };
}

function nearTo(amount: Amount, hasLeft: boolean): Amount[] {
  const out = (by: bigint): Amount => ({ ...amount, worth: added(amount.worth, ratio(by)) });
  return amount.worth.top > amount.worth.bottom && !hasLeft ? [out(1n), out(-1n)] : [out(1n)];
}

/** The worth in a unit; undefined where the units are not of one kind. */
function inUnit({ worth, unit }: Amount, to: string): Ratio | undefined {
  const factor = factorOf(ofRate(unit ?? to), ofRate(to));
  return factor && times(worth, ratio(BigInt(factor[0]), BigInt(factor[1])));
}

const ofRate = (unit: string): string => rateOf(unit)?.of ?? unit;

function printAnswer({ worth, unit, left }: Amount, answering: Answering): string {
  const written = ofRate(unit ?? answering.unit);
  const text = printWorth(worth, written === '£' ? 'money' : answering.notation);
  const isOne =
    worth.top === worth.bottom || (answering.notation === 'mixed' && worth.top < worth.bottom);
  const whole =
    unit === undefined ? text : withUnit(text, unitNames(answering.context, written), isOne);
  return left === undefined ? whole : `${whole} and ${left} left`;
}

function printWorth(worth: Ratio, notation: Answering['notation']): string {
  const printed = printedRatio(worth);
  if (notation === 'mixed' && worth.bottom !== 1n) {
    const whole = worth.top / worth.bottom;
    return `${whole > 0n ? `${whole} ` : ''}${worth.top % worth.bottom}/${worth.bottom}`;
  }
  const isPence = notation === 'money' && /^\d+\.\d$/.test(printed);
  return isPence ? `${printed}0` : printed;
}

const LEFT = /\s*(?:,|and|r|rem|remainder|with)\s*(\d+)\s*(?:\p{L}+\s*)*\.?$/iu;

/** A quantity in two units, the larger first: `1 h 35 min`, `2 m and 45 cm`, `£3 20p`. */
const IN_TWO = /^(£\s*\d+|\d[\d\s/]*\p{L}+)(?:\s*,|\s+and)?\s*(\d[\d\s./]*\p{L}+)\.?$/u;

/** A quantity that is written in two units of one kind; undefined for any other text. */
function readInTwo(written: string, answering: Answering): Amount | undefined {
  const pieces = IN_TWO.exec(written.trim())?.slice(1);
  const [large, small] = pieces?.map((piece) => readAnswer(piece, answering)) ?? [];
  if (large?.unit === undefined || small?.unit === undefined) return undefined;
  const rest = inUnit(small, large.unit);
  const isPart = rest !== undefined && small.unit !== large.unit && rest.top < rest.bottom;
  return isPart ? { worth: added(large.worth, rest), unit: large.unit } : undefined;
}

function readAnswer(written: string, answering: Answering): Amount | undefined {
  const inTwo = answering.leftOf === undefined ? readInTwo(written, answering) : undefined;
  if (inTwo) return inTwo;
  const text = written.trim().replace(/\.$/, '');
  const [, rest] = answering.leftOf === undefined ? [] : (LEFT.exec(text) ?? []);
  const main = rest === undefined ? text : text.replace(LEFT, '');
  const [, before = '', number = '', behind = ''] =
    /^(£|\$)?\s*(\d[\d\s,.\u202f/]*?)\s*([\p{L}][\p{L}\s/]*)?$/u.exec(main) ?? [];
  const worth =
    number === '' ? undefined : (writtenRatio(ungrouped(number)) ?? writtenRatio(number));
  if (!worth) return undefined;
  const unit = unitWritten(before, behind.trim(), answering);
  return {
    worth,
    ...(unit !== undefined && { unit }),
    ...(answering.leftOf !== undefined && { left: BigInt(rest ?? 0) })
  };
}

/** Words by which a unit is written beside its sign. */
const written: Readonly<Record<string, string>> = {
  ...{ gram: 'g', kilogram: 'kg', kilo: 'kg', tonne: 't', litre: 'l', liter: 'l' },
  ...{ millilitre: 'ml', milliliter: 'ml', metre: 'm', meter: 'm', kilometre: 'km' },
  ...{ kilometer: 'km', centimetre: 'cm', centimeter: 'cm', millimetre: 'mm', millimeter: 'mm' },
  ...{ pound: '£', penny: 'p', pence: 'p', min: 'minute', mins: 'minute', h: 'hour', hr: 'hour' }
};

/** The unit that stands with a number; undefined where none does, `?` for one that is not known. */
function unitWritten(before: string, behind: string, { context, unit }: Answering) {
  if (before !== '') return '£';
  // Of a rate the first is told: £1.20 a kilogram, 45 km an hour.
  const [word = ''] = behind.toLowerCase().split(/\s+(?:a|an|per|each|for)\b|\//);
  if (word === '') return undefined;
  const single = word.replace(/s$/, '');
  const sign = written[word] ?? written[single] ?? (word in units ? word : undefined);
  if (sign !== undefined) return sign;
  if (single in units) return single;
  const thing = Object.entries(context.things).find(([id, names]) =>
    [id, ...names].some((name) => name.toLowerCase() === word)
  );
  if (thing) return thing[0];
  // Of what is counted any words will do: 5 full boxes.
  const own = unitNames(context, unit);
  return word.includes(own.many) || word.includes(own.one) ? unit : '?';
}

/**
 * Where the unit of an answer falls short: it is missing where it is asked for, or wrong. Another unit of the same kind is
 * as good, if it makes the answer right and the question names none.
 */
export function unitForm(
  amount: Amount,
  { right, isAsked }: { readonly right: Amount; readonly isAsked: boolean }
): readonly FormCode[] {
  const [own, asked] = [amount.unit, right.unit!].map((unit) => unit && ofRate(unit));
  if (own === undefined) return isAsked ? ['unit'] : [];
  if (own === asked) return [];
  // Whatever is counted, any word for it will do.
  if (!(asked! in units) && !(own in units)) return [];
  const [one, other] = [inUnit(amount, right.unit!), right.worth];
  return isAsked && one && areSame(one, other) ? [] : ['unit'];
}
