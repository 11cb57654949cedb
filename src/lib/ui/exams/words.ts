import type { PaperPart, SpaceKind } from '@zealous-quill/core/exams';

/** How a part of an exam is presented, in words. */
export const kindWords: readonly (readonly [PaperPart['kind'], string])[] = [
  ['set-out', 'set out in squares'],
  ['bare', 'answer only'],
  ['choice', 'choice of four'],
  ['show-working', 'show your working']
];

export const spaceWords: readonly (readonly [SpaceKind, string])[] = [
  ['squares', 'squares'],
  ['line', 'a line'],
  ['lines', 'lines'],
  ['blank', 'room'],
  ['none', 'no space']
];
