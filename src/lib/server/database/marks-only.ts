import { availableMarks, type Scheme } from '@zealous-quill/core/marking';
import { change } from './change';
import type { Db } from './connection';
import {
  NOTHING,
  readResponses,
  saveResponse,
  type GivenMarks,
  type SaveResponse
} from './responses';

/** A mark for a whole part, as it is typed into a grid; null where it is taken back. */
export interface TypedMark {
  readonly scriptId: number;
  readonly partId: number;
  readonly marks: number | null;
  /** The version of the response that it was typed over. */
  readonly version: number;
}

/** The reason of marks that are typed without the working. */
export const MARKS_ONLY = 'marks typed without working';

/**
 * Saves a mark for a whole part. It is laid on the marks of the scheme in their order; what was written stays. Refused,
 * like any response, if it was changed since it was read.
 */
export function saveTypedMark(
  db: Db,
  { scriptId, partId, marks, version }: TypedMark,
  scheme: Scheme
): SaveResponse | { readonly ok: false; readonly code: 'too-many' } {
  if (marks !== null && marks > availableMarks(scheme)) return { ok: false, code: 'too-many' };
  const found = readResponses(db, { scripts: [scriptId], parts: [partId] });
  const now = found[`${scriptId}/${partId}`] ?? NOTHING;
  const isMarked = marks !== null;
  return saveResponse(db, scriptId, partId, {
    ...now,
    ...{ version, isMarked, given: isMarked ? laidOut(scheme, marks) : {} }
  });
}

/** Saves marks of a sitting together, so that a pasted block is written once; of each what came of it. */
export function saveTypedMarks(
  db: Db,
  marks: readonly TypedMark[],
  schemeOf: (mark: TypedMark) => Scheme | undefined
): string[] {
  return change(db, () =>
    marks.map((one) => {
      const scheme = schemeOf(one);
      if (!scheme) return 'missing';
      const saved = saveTypedMark(db, one, scheme);
      return saved.ok ? 'saved' : saved.code;
    })
  );
}

/** So many marks on the lines of a scheme, from the first on. */
function laidOut({ marks }: Scheme, total: number): GivenMarks {
  let left = total;
  return Object.fromEntries(
    marks.map(({ id, value }) => {
      const given = Math.min(left, value);
      left -= given;
      return [id, { given, reason: MARKS_ONLY }];
    })
  );
}
