import { automatonItems, unionItems, type ItemSpace } from '../../spaces';
import type { Wanted } from '../../skill/request';
import { DivisionAutomaton, shapeFeatures, type Shape } from './automaton';
import type { Given } from './look';

/** All divisions that are wanted, one divisor after the other. */
export function divisions(wanted: Wanted): ItemSpace<Given> {
  const { min, max } = wanted.range('divisor');
  const divisors = Array.from({ length: max - min + 1 }, (_, at) => min + at);
  return unionItems(divisors.map((divisor) => by(divisor, wanted)));
}

function by(divisor: number, wanted: Wanted): ItemSpace<Given> {
  const shapes = shapesOf(divisor, wanted);
  const isRun = !wanted.asks('quotientZeros', 'carried', 'remainder', 'exact');
  return automatonItems(() => new DivisionAutomaton(divisor, shapes, wanted), {
    ...(isRun && { count: () => total(divisor, shapes) }),
    apart: (told) => shapes.map((shape) => new DivisionAutomaton(divisor, [shape], wanted, told))
  });
}

/** The first partial dividend is as long as the divisor, or longer by one. */
function shapesOf(divisor: number, wanted: Wanted): Shape[] {
  const { min, max } = wanted.range('digits');
  const own = String(divisor).length;
  const lengths = Array.from({ length: max - min + 1 }, (_, at) => min + at);
  return lengths
    .flatMap((digits) => [own, own + 1].map((first) => ({ digits, first })))
    .filter(({ digits, first }) => first <= digits)
    .filter((shape) => wanted.meets(shapeFeatures(divisor, shape)));
}

/** Dividends of some shapes with nothing else asked of them: each shape is a run of numbers. */
function total(divisor: number, shapes: readonly Shape[]): bigint {
  return shapes.reduce((sum, { digits, first }) => {
    const power = 10 ** (digits - first);
    const isShort = first > String(divisor).length;
    const least = Math.max((isShort ? 10 ** (first - 1) : divisor) * power, 2 * divisor);
    const above = (isShort ? 10 * divisor : 10 ** first) * power;
    return sum + BigInt(Math.max(0, above - least));
  }, 0n);
}
