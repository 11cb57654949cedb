import { LARGEST_SEED } from '@zealous-quill/core/spaces';
import { randomInt } from 'node:crypto';

let next = process.env['SEED'] === undefined ? undefined : Number(process.env['SEED']);

/** A seed for something new: at random, or the next one from `SEED`, so that a run can be repeated. */
export function newSeed(): number {
  return next === undefined ? randomInt(LARGEST_SEED + 1) : next++;
}
