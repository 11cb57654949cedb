import { houseStyleSchema } from '@zealous-quill/core/house-style';
import { snapshotOf } from '@zealous-quill/core/papers';
import { findSkill } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { and, eq, isNotNull, isNull, or } from 'drizzle-orm';
import { version } from './version';
import type { Db } from './db';
import { forms, papers, parts, questions, sections, snapshots } from './schema';

/**
 * Papers that were sat under an earlier release kept no more than their key. They are printed and read from
 * now on as the house style in force at the migration has them; keys and schemes stay as they were.
 */
export function sealSatPapers(db: Db): void {
  db.transaction((tx) => {
    const open = tx
      .select({ part: parts, form: forms.id, style: papers.style, kept: snapshots })
      .from(parts)
      .innerJoin(questions, eq(questions.id, parts.questionId))
      .innerJoin(sections, eq(sections.id, questions.sectionId))
      .innerJoin(papers, eq(papers.id, sections.paperId))
      .innerJoin(forms, and(eq(forms.paperId, papers.id), eq(forms.position, 0)))
      .leftJoin(snapshots, and(eq(snapshots.partId, parts.id), eq(snapshots.formId, forms.id)))
      .where(and(isNotNull(papers.frozenAt), or(isNull(snapshots.id), isNull(snapshots.printed))))
      .all();
    for (const { part, form, style, kept } of open) {
      const skill = findSkill(part.skill ?? '');
      // What no skill can read any more has no snapshot; the paper opens without it.
      if (!skill?.given.schema.safeParse(part.given).success) continue;
      const entry = { given: part.given, ...(part.scheme && { scheme: part.scheme }) };
      const rung = { skill: skill.id, school: part.school! };
      const { item, scheme, printed } = snapshotOf(rung, entry, styleThen(style));
      if (kept) {
        const { prompt, steps } = item;
        const sealed = { ...kept.item, prompt, steps: labelled(kept.item.steps, steps) };
        const values = { item: sealed, printed };
        tx.update(snapshots).set(values).where(eq(snapshots.id, kept.id)).run();
      } else {
        const values = { formId: form, partId: part.id, item, scheme, printed, by: version };
        tx.insert(snapshots).values(values).run();
      }
    }
  });
}

/** The style a paper was kept with; what the house chooses since then was left open in the prompts of that time. */
function styleThen(style: unknown) {
  return houseStyleSchema.parse({ fractionAnswers: 'either', ...(style as object) });
}

type Steps = ReturnType<typeof snapshotOf>['item']['steps'];

/** Steps as they were kept, called what the house calls them. */
function labelled(kept: Steps, now: Steps): Steps {
  const labels = new Map(now.map(({ id, label }) => [id, label]));
  return kept.map((step) => ({ ...step, label: labels.get(step.id) ?? step.label }));
}
