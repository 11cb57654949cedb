import { formLabel } from '@zealous-quill/core/exams';
import { byRegister, toldApart } from '@zealous-quill/core/exchange';
import { and, asc, count, eq, sql } from 'drizzle-orm';
import { change, withinScript } from '../base/change';
import type { Db, Reader } from '../base/db';
import { forms, pupils, scripts, sittings } from '../base/schema';

export interface ScriptSummary {
  readonly id: number;
  readonly pupilId: number | null;
  readonly name: string;
  readonly markedItems: number;
  /** The pupil was not there: there is nothing to mark. */
  readonly isAbsent: boolean;
  readonly formId: number;
  /** What its form is called, where the paper has several; empty where it has one. */
  readonly form: string;
}

/** The scripts of a sitting in the order of a register; pupils of one name are told apart. */
export function listScripts(db: Reader, sittingId: number): ScriptSummary[] {
  const rows = db
    .select({
      id: scripts.id,
      pupilId: scripts.pupilId,
      name: sql<string>`coalesce(${pupils.name}, '')`,
      surname: pupils.surname,
      markedItems: scripts.markedItems,
      isAbsent: scripts.isAbsent,
      formId: scripts.formId,
      kind: forms.kind,
      letter: forms.letter
    })
    .from(scripts)
    .innerJoin(forms, eq(forms.id, scripts.formId))
    .leftJoin(pupils, eq(pupils.id, scripts.pupilId))
    .where(eq(scripts.sittingId, sittingId))
    .orderBy(asc(scripts.pupilId))
    .all();
  const hasForms = isOfSeveralForms(db, sittingId);
  const isNamed = ({ pupilId }: { pupilId: number | null }) => pupilId !== null;
  const nameless = (row: (typeof rows)[number]) => ({
    ...row,
    name: hasForms ? `No name, ${formLabel(row)}` : 'No name'
  });
  // Those without a name come last: the scripts of the erased, and spares.
  const listed = toldApart([
    ...rows.filter(isNamed).toSorted(byRegister),
    ...rows.filter((row) => !isNamed(row)).map(nameless)
  ]);
  return listed.map(({ surname: _, kind, letter, ...script }) => ({
    ...script,
    form: hasForms ? formLabel({ kind, letter }) : ''
  }));
}

/** Whether a script is of a sitting. */
export function hasScript(db: Reader, sittingId: number, scriptId: number): boolean {
  const found = db
    .select({ id: scripts.id })
    .from(scripts)
    .where(and(eq(scripts.id, scriptId), eq(scripts.sittingId, sittingId)))
    .get();
  return found !== undefined;
}

function isOfSeveralForms(db: Reader, sittingId: number): boolean {
  const { n } = db
    .select({ n: count() })
    .from(forms)
    .innerJoin(sittings, eq(sittings.paperId, forms.paperId))
    .where(eq(sittings.id, sittingId))
    .get()!;
  return n > 1;
}

/** Says that a pupil was absent, or was there after all; what was marked before stays with the script. */
export function setAbsent(db: Db, scriptId: number, isAbsent: boolean): void {
  change(db, (tx, log) => {
    tx.update(scripts).set({ isAbsent }).where(eq(scripts.id, scriptId)).run();
    const action = isAbsent ? 'absent' : 'not absent';
    log(action, ['script', scriptId], withinScript(tx, scriptId));
  });
}
