import { isNearNumber } from '../../../numbers/near-number';
import { areSame, printedRatio, ratio, times, type Ratio } from '../../../numbers/ratio';
import type { Get } from '../../../working';
import { ratioOfAmount } from './amount';
import type { Amount } from './answer';
import { areAmong, expressionOf, expressionReading, haveSame, type Expression } from './expression';
import type { Problem } from './problem';
import { routesAround, type Calculation, type Route } from './routes';
import { numbersAt, operationId, printedWorth, resultId, sourcesOf } from './sources';

const whole = (number: number): Ratio => ratio(BigInt(number));

/** Numbers by which units are converted. */
const CONVERSIONS: readonly Ratio[] = [7, 10, 60, 100, 1000, 1_000_000].map(whole);

/** Numbers that may stand in any calculation: conversions, and how often the same is added. */
const FREE: readonly Ratio[] = [...CONVERSIONS, ...[2, 3, 4].map(whole)];

/**
 * Whether the calculation is the right one but for one number, which was misread or wrongly converted. One that is used as it
 * is told, in another unit, was not converted at all: that is no slip.
 */
export function isMiscopied(
  problem: Problem,
  at: number,
  { written, own }: { readonly written: Expression; readonly own: Expression }
): boolean {
  if (written.signs.join() !== own.signs.join()) return false;
  const [right, ...rights] = without(own.numbers, written.numbers);
  const [wrong, ...wrongs] = without(written.numbers, own.numbers);
  if (!right || !wrong || rights.length + wrongs.length > 0) return false;
  if (areAmong([wrong], unconverted(problem, at))) return false;
  if (isMisheard(problem, at, { wrong, right })) return true;
  const [one, other] = [printedRatio(wrong), printedRatio(right)];
  const figures = (text: string) => text.replace('.', '').replace(/^0+|0+$/g, '');
  return figures(one) === figures(other) || isNearNumber(one, other);
}

/** Some numbers without others, each of which takes one away. */
function without(numbers: readonly Ratio[], others: readonly Ratio[]): Ratio[] {
  const left = [...numbers];
  for (const other of others) {
    const place = left.findIndex((number) => areSame(number, other));
    if (place >= 0) left.splice(place, 1);
  }
  return left;
}

/** The numbers at an operation that have to be converted, as they are told. */
const unconverted = ({ plot, amounts }: Problem, at: number): Ratio[] => {
  const { uses, ownUnits, inUnits } = plot.moves[at]!;
  return uses.flatMap((id, use) =>
    ownUnits[use] !== inUnits[use] && id in amounts ? [ratioOfAmount(amounts[id]!)] : []
  );
};

/** A number told in words was taken for another: *two dozen* for 12. */
function isMisheard(
  problem: Problem,
  at: number,
  { wrong, right }: { readonly wrong: Ratio; readonly right: Ratio }
): boolean {
  const { plot, amounts, beside } = problem;
  const uses = new Set(plot.moves[at]!.uses);
  const worded = plot.told.filter(({ id, isWorded }) => isWorded && uses.has(id));
  const areTold = [...Object.values(amounts), ...beside.map(({ amount }) => amount)];
  return (
    areAmong(
      [right],
      worded.map(({ id }) => ratioOfAmount(amounts[id]!))
    ) && !areAmong([wrong], areTold.map(ratioOfAmount))
  );
}

/** A calculation in a smaller unit, grams for kilograms, is the same calculation. */
export function inUsualUnit(written: Expression, own: Expression | undefined): Expression {
  if (own?.signs.join() !== written.signs.join()) return written;
  const scale = CONVERSIONS.find((factor) =>
    haveSame(
      written.numbers,
      own.numbers.map((number) => times(number, factor))
    )
  );
  return scale ? { ...own, text: written.text, scale } : written;
}

/** A result of a calculation in a smaller unit, without the unit: 37250 for 37.25 kg. */
export function inOwnUnit(written: Amount, own: Amount | undefined): Amount {
  if (!own?.scale || written.unit !== undefined) return written;
  return areSame(written.worth, times(own.worth, own.scale))
    ? { ...written, worth: own.worth }
    : written;
}

/**
 * Whether a calculation is as good as the usual one: of the same worth from numbers of the problem, or the first of two done
 * another way round.
 */
export function isAnotherWay(problem: Problem, at: number, written: Expression, get: Get): boolean {
  const usual = numbersAt(sourcesOf(problem, at), get);
  const own = usual && expressionOf(problem.plot.moves[at]!.operation, usual);
  if (own && areSame(own.worth, written.worth)) {
    // Fractions may be written with the sign of a division.
    if (problem.plot.moves[at]!.notation === 'mixed') return true;
    const numbers = [...numbersBefore(problem, at, get), ...FREE];
    const isLast = at === problem.plot.moves.length - 1;
    // What comes to the answer from one number of the problem is a short cut: 12 rows of which one is eaten are 11 rows.
    return isLast
      ? written.numbers.some((number) => areAmong([number], numbers))
      : areAmong(written.numbers, numbers);
  }
  return (
    at + 1 < problem.plot.moves.length &&
    routesOf(problem, at).some(({ first }) => isWrittenAs(problem, at, first, written, get))
  );
}

/** Every number of the problem as it is told and as it is used, and what was found before. */
function numbersBefore(problem: Problem, at: number, get: Get): Ratio[] {
  const { plot, amounts, worked } = problem;
  const told = plot.told.map(({ id }) => ratioOfAmount(amounts[id]!));
  const used = worked.flatMap(({ sum }) => sum.amounts.map(ratioOfAmount));
  const before = plot.moves.slice(0, at).map((_, place) => get(resultId(place)));
  const found = before.flatMap((amount) => (amount as Amount | undefined)?.worth ?? []);
  return [...told, ...used, ...found];
}

/** The way round a pair of operations that the pupil took at the first of them, if it is not the usual one. */
export function routeTaken(problem: Problem, at: number, get: Get): Route | undefined {
  const written = get(operationId(at)) as Expression | undefined;
  const next = problem.plot.moves[at + 1];
  if (!written || !next) return undefined;
  const own = numbersAt(sourcesOf(problem, at), get);
  if (
    !own ||
    haveSame(
      written.numbers,
      own.map(({ worth }) => worth)
    )
  )
    return undefined;
  return routesOf(problem, at).find(({ first }) => isWrittenAs(problem, at, first, written, get));
}

const known = new WeakMap<Problem, Map<number, Route[]>>();

function routesOf(problem: Problem, at: number): Route[] {
  const routes = known.get(problem) ?? new Map<number, Route[]>();
  known.set(problem, routes);
  let found = routes.get(at);
  if (!found) {
    found = routesAround(problem.plot.moves[at]!, problem.plot.moves[at + 1]!);
    routes.set(at, found);
  }
  return found;
}

/** The numbers of two moves by name, as they are used. */
function numberNamed(problem: Problem, at: number, name: string, get: Get): Ratio | undefined {
  for (const place of [at, at + 1]) {
    const use = problem.plot.moves[place]!.uses.indexOf(name);
    if (use < 0) continue;
    return numbersAt([sourcesOf(problem, place)[use]!], get)?.[0]!.worth;
  }
  return undefined;
}

function isWrittenAs(
  problem: Problem,
  at: number,
  { operation, names }: Calculation,
  written: Expression,
  get: Get
): boolean {
  const numbers = names.map((name) => numberNamed(problem, at, name, get));
  if (numbers.includes(undefined) || written.signs.join() !== operation) return false;
  const calculation = expressionOf(
    operation,
    (numbers as Ratio[]).map((worth) => ({ worth, text: '' }))
  );
  return calculation !== undefined && expressionReading.equal(calculation, written);
}

/** What is left to be worked once the first of two operations was done another way round. */
export function afterRoute(problem: Problem, at: number, { then }: Route, get: Get) {
  const found = (get(resultId(at)) as Amount | undefined)?.worth;
  const named = (name: string) => {
    const worth = numberNamed(problem, at, name, get);
    return worth && { worth, text: printedWorth(worth) };
  };
  const { other } = then;
  const beside =
    typeof other === 'string' ? named(other) : combined(other.operation, other.names.map(named));
  if (!found || !beside) return undefined;
  const r = { worth: found, text: printedWorth(found) };
  return combined(then.operation, then.isFirst ? [r, beside] : [beside, r]);
}

type Numbered = {
  readonly text: string;
  readonly worth: Ratio;
  readonly numbers?: readonly Ratio[];
};

/** Two numbers, or calculations, worked together. */
function combined(
  operation: Calculation['operation'],
  numbers: readonly (Numbered | undefined)[]
): Expression | undefined {
  if (numbers.includes(undefined)) return undefined;
  const all = numbers as Numbered[];
  const whole = expressionOf(operation, all);
  return whole && { ...whole, numbers: all.flatMap(({ numbers, worth }) => numbers ?? [worth]) };
}
