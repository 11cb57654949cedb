/** A unit that measures: what it is of, how many of the smallest unit of its kind it has, and how it is written. */
export interface Unit {
  readonly kind: 'mass' | 'capacity' | 'length' | 'money' | 'time' | 'days' | 'times';
  readonly size: number;
  /** Behind one and behind several; a sign stands close before the number. */
  readonly one: string;
  readonly many: string;
  readonly place: 'before' | 'behind' | 'close';
}

const sign = (kind: Unit['kind'], size: number, text: string): Unit => ({
  ...{ kind, size, one: text, many: text, place: 'behind' }
});

const noun = (kind: Unit['kind'], size: number, one: string, many = `${one}s`): Unit => ({
  ...{ kind, size, one, many, place: 'behind' }
});

/** The units that measure; whatever else is counted is named by its context. */
export const units: Readonly<Record<string, Unit>> = {
  g: sign('mass', 1, 'g'),
  kg: sign('mass', 1000, 'kg'),
  t: sign('mass', 1_000_000, 't'),
  ml: sign('capacity', 1, 'ml'),
  l: sign('capacity', 1000, 'l'),
  mm: sign('length', 1, 'mm'),
  cm: sign('length', 10, 'cm'),
  m: sign('length', 1000, 'm'),
  km: sign('length', 1_000_000, 'km'),
  p: { ...sign('money', 1, 'p'), place: 'close' },
  '£': { ...sign('money', 100, '£'), place: 'before' },
  minute: noun('time', 1, 'minute'),
  hour: noun('time', 60, 'hour'),
  day: noun('days', 1, 'day'),
  week: noun('days', 7, 'week'),
  times: noun('times', 1, 'time')
};

/** Whether a unit is one that everybody knows. */
export const isUnit = (unit: string): boolean => Object.hasOwn(units, unit);

/** The parts of a unit that is so much of one for each of another: `£/kg` is pounds for each kilogram. */
export function rateOf(unit: string): { readonly of: string; readonly per: string } | undefined {
  const [of, per] = unit.split('/');
  return per === undefined ? undefined : { of: of!, per };
}

/** Whether a unit measures, so that it can be converted and has to be written with the answer. */
export const isMeasure = (unit: string): boolean => {
  const known = units[rateOf(unit)?.of ?? unit];
  return known !== undefined && known.kind !== 'times';
};

/** How an answer is measured, of a few kinds: a unit, so much for each of something, or a count of whatever it is. */
export function kindOfUnit(unit: string): string {
  const rate = rateOf(unit);
  if (!rate) return unit in units ? unit : 'count';
  return rate.per in units ? unit : `${rate.of} each`;
}

/** How many of one unit another is, as top and bottom; undefined if they are not of one kind. */
export function factorOf(from: string, to: string): readonly [number, number] | undefined {
  if (from === to) return [1, 1];
  const [one, other] = [units[from], units[to]];
  return one && other && one.kind === other.kind ? [one.size, other.size] : undefined;
}

/** A number in another unit, exactly; undefined if the units are not of one kind or it is too fine. */
export function convert(amount: number, from: string, to: string): number | undefined {
  if (from === to) return amount;
  const factor = factorOf(from, to);
  const converted = factor && (amount * factor[0]) / factor[1];
  return Number.isSafeInteger(converted) ? converted : undefined;
}

/** Numbers that have a word of their own, by unit; anything that is counted comes by the dozen. */
const words: Readonly<Record<string, Readonly<Record<number, string>>>> = {
  day: { 7: 'a week', 14: 'a fortnight' },
  times: { 2: 'twice' }
};
const dozens: Readonly<Record<number, string>> = { 12: 'a dozen', 24: 'two dozen' };

/** The number in words; undefined where there are none. What stands for the unit too says so. */
export function inWords(
  value: number,
  unit: string
): { readonly text: string; readonly hasUnit: boolean } | undefined {
  const own = words[unit]?.[value];
  if (own !== undefined) return { text: own, hasUnit: true };
  const text = unit in units || rateOf(unit) ? undefined : dozens[value];
  return text === undefined ? undefined : { text, hasUnit: false };
}

/** The numbers that can be told in words. */
export const wordable = (unit: string): readonly number[] =>
  [2, 7, 12, 14, 24].filter((value) => inWords(value, unit) !== undefined);
