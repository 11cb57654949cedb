import { and, count, eq } from 'drizzle-orm';
import { change, withinScript } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { markings, pupils, responses, scripts, sittings } from '../base/schema';
import type { ScriptSummary } from './scripts';

/** A script that nobody has written: a spare, or the form of someone who wrote a spare instead. */
export const isUnused = ({
  pupilId,
  isAbsent
}: Pick<ScriptSummary, 'pupilId' | 'isAbsent'>): boolean => pupilId === null && isAbsent;

export type NameScript =
  { readonly ok: true } | { readonly ok: false; readonly code: 'missing' | 'has-marks' };

/**
 * Gives a script without a name to the pupil who wrote it, or takes its name away again. The form that was meant for
 * the pupil is left without a name; refused if something of it is marked already, or of the one that loses its name.
 */
export function nameScript(
  db: Db,
  sittingId: number,
  { scriptId, pupilId }: { readonly scriptId: number; readonly pupilId: number | null }
): NameScript {
  return change(db, (tx, log): NameScript => {
    const script = tx
      .select()
      .from(scripts)
      .where(and(eq(scripts.id, scriptId), eq(scripts.sittingId, sittingId)))
      .get();
    if (!script) return { ok: false, code: 'missing' };
    const losing =
      pupilId === null
        ? script.pupilId === null
          ? undefined
          : script
        : scriptOf(tx, sittingId, pupilId);
    if (pupilId !== null && (script.pupilId !== null || !isIn(tx, sittingId, pupilId))) {
      return { ok: false, code: 'missing' };
    }
    if (losing && hasResponses(tx, losing.id)) return { ok: false, code: 'has-marks' };
    if (losing) {
      tx.update(scripts)
        .set({ pupilId: null, isAbsent: true })
        .where(eq(scripts.id, losing.id))
        .run();
    }
    if (pupilId !== null) {
      tx.update(scripts).set({ pupilId, isAbsent: false }).where(eq(scripts.id, scriptId)).run();
    }
    const action = pupilId === null ? 'name taken off a script' : 'script given a name';
    log(action, ['script', scriptId], withinScript(tx, scriptId));
    return { ok: true };
  });
}

function scriptOf(db: Reader, sittingId: number, pupilId: number) {
  return db
    .select()
    .from(scripts)
    .where(and(eq(scripts.sittingId, sittingId), eq(scripts.pupilId, pupilId)))
    .get();
}

/** Whether a pupil is of the class that sat. */
function isIn(db: Writer, sittingId: number, pupilId: number): boolean {
  const found = db
    .select({ id: pupils.id })
    .from(pupils)
    .innerJoin(sittings, eq(sittings.classId, pupils.classId))
    .where(and(eq(sittings.id, sittingId), eq(pupils.id, pupilId)))
    .get();
  return found !== undefined;
}

function hasResponses(db: Reader, scriptId: number): boolean {
  const { n } = db
    .select({ n: count() })
    .from(responses)
    .innerJoin(markings, eq(markings.id, responses.markingId))
    .where(eq(markings.scriptId, scriptId))
    .get()!;
  return n > 0;
}
