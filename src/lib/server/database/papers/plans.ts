import { blueprintSchema, type Blueprint } from '@zealous-quill/core/exams';
import { desc, eq, isNull } from 'drizzle-orm';
import { z } from 'zod';
import { moveToBin } from '../records/bin';
import { change, logWork } from '../base/change';
import type { Db, Reader } from '../base/db';
import type { Removed } from './papers';
import { blueprints } from '../base/schema';

/** A class whose items of so many last weeks are not asked again. */
export const unmetSchema = z.strictObject({
  classId: z.int().min(1),
  weeks: z.int().min(1).max(520)
});
export type Unmet = z.infer<typeof unmetSchema>;

/** A plan with whom its items must be new to. */
export interface PlanFor {
  readonly plan: Blueprint;
  readonly unmet: Unmet | null;
}

/** A plan that is kept to be used again. */
export interface SavedPlan extends PlanFor {
  readonly id: number;
  readonly version: number;
  readonly name: string;
}

export interface PlanSummary {
  readonly id: number;
  readonly name: string;
  readonly total: number;
  readonly rows: number;
  readonly updatedAt: string;
}

/** The plans that can be read, the one changed last first. */
export function listPlans(db: Reader): PlanSummary[] {
  return db
    .select()
    .from(blueprints)
    .where(isNull(blueprints.paperId))
    .orderBy(desc(blueprints.updatedAt))
    .all()
    .flatMap(({ id, name, plan, updatedAt }) => {
      const read = blueprintSchema.safeParse(plan);
      return read.success
        ? [{ id, name, total: read.data.total, rows: read.data.rows.length, updatedAt }]
        : [];
    });
}

/** A plan; undefined if there is none, or it can no longer be read. */
export function readPlan(db: Reader, id: number): SavedPlan | undefined {
  const row = db.select().from(blueprints).where(eq(blueprints.id, id)).get();
  const read = row && planIn(row);
  return row && read && { id, version: row.version, name: row.name, ...read };
}

/** The plan that a paper must meet; undefined if it has none, or it can no longer be read. */
export function readPlanOf(db: Reader, paperId: number): PlanFor | undefined {
  const row = db.select().from(blueprints).where(eq(blueprints.paperId, paperId)).get();
  return row && planIn(row);
}

function planIn(row: typeof blueprints.$inferSelect): PlanFor | undefined {
  const read = blueprintSchema.safeParse(row.plan);
  if (!read.success) return undefined;
  return { plan: read.data, unmet: unmetSchema.safeParse(row.unmet).data ?? null };
}

export function createPlan(
  db: Db,
  name: string,
  plan: Blueprint,
  unmet: Unmet | null = null
): number {
  return change(db, (tx, log) => {
    const { id } = tx.insert(blueprints).values({ name, plan, unmet }).returning().get();
    log('plan made', ['plan', id]);
    return id;
  });
}

export type SavePlan =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly code: 'missing' }
  | { readonly ok: false; readonly code: 'changed'; readonly current: SavedPlan };

/** Saves a plan over the version it was read at. */
export function savePlan(db: Db, { id, version, name, plan, unmet }: SavedPlan): SavePlan {
  return change(db, (tx, log): SavePlan => {
    const current = readPlan(tx, id);
    if (!current) return { ok: false, code: 'missing' };
    if (current.version !== version) return { ok: false, code: 'changed', current };
    const updatedAt = new Date().toISOString();
    tx.update(blueprints)
      .set({ name, plan, unmet, version: version + 1, updatedAt })
      .where(eq(blueprints.id, id))
      .run();
    logWork(tx, log, 'plan edited', ['plan', id]);
    return { ok: true, version: version + 1 };
  });
}

/** Moves a plan into the bin. */
export function removePlan(db: Db, id: number): Removed | undefined {
  return change(db, (tx, log) => {
    const row = tx.select().from(blueprints).where(eq(blueprints.id, id)).get();
    if (!row) return undefined;
    log('plan removed', ['plan', id]);
    const title = row.name;
    return { title, bin: moveToBin(tx, { kind: 'plan', title, table: 'blueprints', id }) };
  });
}
