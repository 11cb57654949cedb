import type { HouseStyle } from '../../../house-style';
import {
  ANSWER,
  divisionFrame,
  printedCell,
  squareCell,
  step,
  stepOn,
  using,
  type Layout,
  type Step
} from '../../../working';
import { quotientOf, quotientStep } from '../../../methods/division/answer';
import type { Given } from '../../../methods/division/look';
import { dividing } from '../../../methods/division/partials';

/** Printed lines beyond those that the largest multiples need: a pupil may take smaller ones. */
const SPARE = 2;

/**
 * Multiples of the divisor taken away one after the other, as long as anything of its size is left:
 *
 *   chunk.0 --> left.0 --> chunk.1 --> left.1 ... --> answer
 *
 * Any multiple will do; the largest with one figure that is not 0 are the fewest.
 */
export function chunkSteps(given: Given): Step[] {
  const { divisor, remainder } = dividing(given);
  const dividend = BigInt(given.dividend);
  const needed = linesNeeded(given);
  const lines = Array.from({ length: mostLines(given) }, (_, line) => line);
  const steps = lines.flatMap((line) => {
    const before = line === 0 ? [] : [`left.${line - 1}`];
    const whole = (values: readonly bigint[]) => (line === 0 ? dividend : values.at(-1)!);
    const chunk = step(
      `chunk.${line}`,
      before,
      (...values) => friendlyMultiple(whole(values), divisor),
      {
        silentAt: 0n,
        accepts: (written, get) => {
          const left = line === 0 ? dividend : get(`left.${line - 1}`);
          return (
            typeof written === 'bigint' &&
            typeof left === 'bigint' &&
            written > 0n &&
            written % divisor === 0n &&
            written <= left
          );
        },
        label: `Multiple ${line + 1}`,
        says: ({ value, write }) =>
          `Take away ${write(BigInt(value.replace(/\D/g, '')) / divisor)} times ${divisor}: ${value}.`
      }
    );
    const left = step(
      `left.${line}`,
      [chunk.id, ...before],
      (taken, ...values) => {
        const rest = whole(values) - taken;
        return rest < 0n ? undefined : rest;
      },
      {
        ...(line >= needed && { silentAt: remainder }),
        label: `Left after ${line + 1}`,
        says: ({ value }) => (value === '0' ? 'Nothing is left.' : `${value} is left.`)
      }
    );
    return [chunk, left];
  });
  const chunks = lines.map((line) => `chunk.${line}`);
  const answer = using([...chunks, `left.${lines.length - 1}`], (...values) => {
    const taken = values.slice(0, -1).reduce((sum, one) => sum + one, 0n);
    return quotientOf(taken / divisor, values.at(-1)!);
  });
  return [...steps, stepOn(ANSWER, answer, quotientStep(divisor))];
}

/** The largest multiple of the divisor up to a number that is a digit times a power of ten times it; 0 if none. */
function friendlyMultiple(left: bigint, divisor: bigint): bigint {
  const times = left / divisor;
  const power = 10n ** BigInt(String(times).length - 1);
  return (times / power) * power * divisor;
}

/** One line for each figure of the quotient that is not 0. */
export function linesNeeded({ dividend, divisor }: Given): number {
  const quotient = String(BigInt(dividend) / BigInt(divisor));
  return quotient.replaceAll('0', '').length;
}

/** Lines that can be entered whatever the quotient. */
const LINES = 16;

/** As many lines as are taken by someone who takes away the divisor, times a power of ten, again and again. */
export function mostLines({ dividend, divisor }: Given): number {
  const quotient = String(BigInt(dividend) / BigInt(divisor));
  const taken = [...quotient].reduce((sum, figure) => sum + Number(figure), 0);
  return Math.max(LINES, taken + SPARE);
}

/** Under the dividend by turns a multiple, ruled off, and what is left; the whole answer stands below. */
export function chunkSheet(given: Given, style: HouseStyle): Layout {
  const { x, row, layout } = divisionFrame(given, style);
  const n = given.dividend.length;
  const printed = linesNeeded(given) + SPARE;
  const lines = Array.from({ length: mostLines(given) }, (_, line) => line);
  const rowOf = (line: number) => row + 1 + 2 * line;
  const under = (id: string, y: number) =>
    squareCell(id, { x: x(n - 1), y, width: n, isSpaced: true });
  const cellsOf = (line: number) => [
    printedCell('sign', '−', { x: x(n - 1) - 1, y: rowOf(line) }),
    under(`chunk.${line}`, rowOf(line)),
    under(`left.${line}`, rowOf(line) + 1)
  ];
  const ruleOf = (line: number) => ({
    ...{ x1: x(n - 1), y1: rowOf(line) + 1 },
    ...{ x2: x(n - 1) + n, y2: rowOf(line) + 1 }
  });
  const sheet = layout(
    rowOf(printed) + 1,
    lines.slice(0, printed).flatMap(cellsOf),
    lines.slice(0, printed).map(ruleOf)
  );
  const further = lines.slice(printed).map((line) => ({
    ...{ after: `left.${line - 1}`, y: rowOf(line), height: 2 },
    ...{ cells: cellsOf(line), rules: [ruleOf(line)] }
  }));
  return { ...sheet, further };
}
