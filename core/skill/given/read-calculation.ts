import { ungrouped } from '../../numbers';
import type { Operation } from '../card';
import { SIGNS } from './pair';
import type { Calculation } from './calculation';

const operations = {
  '+': 'addition',
  '-': 'subtraction',
  x: 'multiplication',
  '/': 'division'
} as const satisfies Record<keyof typeof SIGNS, Operation>;

/** The sign of an operation, as it may be typed. */
export const signOf = (operation: Operation): string =>
  Object.entries(operations).find(([, one]) => one === operation)![0];

/** A sum of whole numbers as it is typed, `198 + 57`, `12 x 16`, `65²`; undefined if it is none. */
export function readCalculation(line: string): Calculation | undefined {
  const [, squared] = /^\s*(\d[\d ]*)(?:²|\^\s*2)\s*$/.exec(line) ?? [];
  if (squared !== undefined) {
    const number = ungrouped(squared);
    return { operation: 'multiplication', operands: [number, number] };
  }
  for (const [sign, operation] of Object.entries(operations)) {
    const operands = line.split(SIGNS[sign as keyof typeof SIGNS]).map(ungrouped);
    if (operands.length > 1 && operands.every((operand) => /^[1-9]\d*$/.test(operand))) {
      return { operation, operands };
    }
  }
  return undefined;
}
