import { ratio, times, type Ratio } from '../../../numbers/ratio';
import type { Get } from '../../../working';
import { placesOf, printAmount, ratioOfAmount, SCALE } from './amount';
import type { Amount } from './answer';
import { operandsOf } from './arithmetic';
import { conversionsIn, type Problem } from './problem';
import { factorOf } from './units';

export const operationId = (at: number): string => `operation.${at}`;
export const resultId = (at: number): string => `result.${at}`;
export const convertId = (at: number): string => `convert.${at}`;

/** Where the number that an operation uses is found: told, converted, or worked out before. */
export interface Source {
  readonly step?: string;
  /** The told number, in the unit in which it is used. */
  readonly told?: { readonly text: string; readonly worth: Ratio };
  readonly unit: string;
}

/** The sources of what a move uses, in its order. */
export function sourcesOf({ plot, worked }: Problem, at: number): Source[] {
  const move = plot.moves[at]!;
  const conversions = conversionsIn(plot);
  const texts = textsOf(worked[at]!);
  return move.uses.map((id, use): Source => {
    const unit = move.inUnits[use]!;
    const converted = conversions.findIndex((one) => one.move === at && one.use === use);
    if (converted >= 0) return { step: convertId(converted), unit };
    const found = plot.moves.findIndex((one) => one.id === id);
    if (found >= 0) return { step: resultId(found), unit };
    const worth = ratioOfAmount(worked[at]!.sum.amounts[use]!);
    return { told: { text: texts[use]!, worth }, unit };
  });
}

/** The numbers of a calculation as they are written, in the order in which they are used. */
function textsOf({ sum }: Problem['worked'][number]): string[] {
  const areMoney = operandsOf({ ...sum, operation: 'addition' });
  const isSum = sum.operation === 'addition' || sum.operation === 'subtraction';
  const { notation } = sum;
  return isSum
    ? areMoney
    : sum.amounts.map((amount) => printAmount(amount, notation === 'money' ? 'number' : notation));
}

/** A number that was found, in the unit in which it is used. */
export function worthIn(amount: Amount, unit: string): Ratio {
  const factor = amount.unit === undefined ? undefined : factorOf(amount.unit, unit);
  return factor ? times(amount.worth, ratio(BigInt(factor[0]), BigInt(factor[1]))) : amount.worth;
}

export function numbersAt(sources: readonly Source[], get: Get) {
  const numbers = sources.map(({ step, told, unit }) => {
    if (told) return told;
    const amount = get(step!) as Amount | undefined;
    if (!amount) return undefined;
    const worth = worthIn(amount, unit);
    return { worth, text: printedWorth(worth) };
  });
  return numbers.includes(undefined) ? undefined : (numbers as { text: string; worth: Ratio }[]);
}

export const printedWorth = (worth: Ratio): string => {
  const amount = (Number(worth.top) * SCALE) / Number(worth.bottom);
  return Number.isSafeInteger(amount) && amount >= 0
    ? printAmount(amount, placesOf(amount) === undefined ? 'mixed' : 'number')
    : `${worth.top}/${worth.bottom}`;
};
