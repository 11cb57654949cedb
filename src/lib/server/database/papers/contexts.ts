import type { Context, OwnContexts } from '@zealous-quill/core/catalogue';
import { builtInContexts, contextShape } from '@zealous-quill/core/catalogue/all';
import { and, count, desc, eq } from 'drizzle-orm';
import { change, logWork } from '../base/change';
import type { Db, Reader } from '../base/db';
import { contexts, contextVersions } from '../base/schema';
import { moveToBin } from '../records/bin';
import type { Removed } from './papers';

/** Contexts of its own in which a department tells problems at once: each makes every count of problems dearer. */
export const MOST_TOLD = 8;

/** A context of the department as it is edited. */
export interface SavedContext {
  readonly id: number;
  readonly version: number;
  readonly context: Context;
  readonly isTold: boolean;
  /** It was changed since problems were last told in it. */
  readonly isChanged: boolean;
}

type ContextRow = typeof contexts.$inferSelect;

/** The contexts of the department, the one changed last first. */
export function listContexts(db: Reader): (SavedContext & { readonly updatedAt: string })[] {
  return db
    .select()
    .from(contexts)
    .orderBy(desc(contexts.updatedAt))
    .all()
    .flatMap((row) => {
      const saved = savedIn(db, row);
      return saved ? [{ ...saved, updatedAt: row.updatedAt }] : [];
    });
}

/** A context of the department; undefined if there is none, or it can no longer be read. */
export function readContext(db: Reader, id: number): SavedContext | undefined {
  const row = db.select().from(contexts).where(eq(contexts.id, id)).get();
  return row && savedIn(db, row);
}

function savedIn(db: Reader, row: ContextRow): SavedContext | undefined {
  const { id, version, isTold } = row;
  const read = contextShape.safeParse(row.context);
  if (!read.success) return undefined;
  const told = newestVersion(db, row.name)?.context;
  return { id, version, isTold, context: read.data, isChanged: !isSame(told, read.data) };
}

const newestVersion = (db: Reader, name: string) =>
  db
    .select()
    .from(contextVersions)
    .where(eq(contextVersions.name, name))
    .orderBy(desc(contextVersions.version))
    .get();

/** Whether two contexts tell the same, whatever their versions. */
const isSame = (one: Context | undefined, other: Context): boolean =>
  one !== undefined &&
  JSON.stringify({ ...one, version: 1 }) === JSON.stringify({ ...other, version: 1 });

/** Starts a context; what problems call it by is made of its title and is nobody else's. */
export function createContext(db: Db, context: Omit<Context, 'id' | 'version'>): number {
  return change(db, (tx, log) => {
    const taken = new Set([
      ...builtInContexts.map(({ id }) => id),
      ...tx
        .select({ name: contexts.name })
        .from(contexts)
        .all()
        .map(({ name }) => name),
      ...tx
        .select({ name: contextVersions.name })
        .from(contextVersions)
        .all()
        .map(({ name }) => name)
    ]);
    const name = freeName(context.title, taken);
    const { id } = tx
      .insert(contexts)
      .values({ name, context: { ...context, id: name, version: 1 } })
      .returning()
      .get();
    log('context made', ['context', id]);
    return id;
  });
}

/** A title in small letters and hyphens, with a number behind it where others are called so. */
function freeName(title: string, taken: ReadonlySet<string>): string {
  const plain = title.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
  const words = plain.replace(/[^a-z0-9]+/g, '-').replace(/^[-0-9]+|-+$/g, '');
  const base = words.slice(0, 24).replace(/-+$/, '') || 'context';
  for (let turn = 1; ; turn++) {
    const name = turn === 1 ? base : `${base}-${turn}`;
    if (!taken.has(name)) return name;
  }
}

export type SaveContext =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly code: 'missing' }
  | { readonly ok: false; readonly code: 'changed'; readonly current: SavedContext };

/** Saves a context over the version it was read at. Problems go on being told as they were. */
export function saveContext(
  db: Db,
  { id, version, context }: Pick<SavedContext, 'id' | 'version' | 'context'>
): SaveContext {
  return change(db, (tx, log): SaveContext => {
    const current = readContext(tx, id);
    if (!current) return { ok: false, code: 'missing' };
    if (current.version !== version) return { ok: false, code: 'changed', current };
    const own = { ...context, id: current.context.id, version: current.context.version };
    tx.update(contexts)
      .set({ context: own, version: version + 1, updatedAt: new Date().toISOString() })
      .where(eq(contexts.id, id))
      .run();
    logWork(tx, log, 'context edited', ['context', id]);
    return { ok: true, version: version + 1 };
  });
}

export type TellContext =
  { readonly ok: true } | { readonly ok: false; readonly code: 'missing' | 'changed' | 'too-many' };

/** Problems are told from now on in a context that was looked over at this version. */
export function tellContext(
  db: Db,
  { id, version: over }: Pick<SavedContext, 'id' | 'version'>
): TellContext {
  return change(db, (tx, log): TellContext => {
    const saved = readContext(tx, id);
    if (!saved) return { ok: false, code: 'missing' };
    if (saved.version !== over) return { ok: false, code: 'changed' };
    const [others] = tx
      .select({ n: count() })
      .from(contexts)
      .where(eq(contexts.isTold, true))
      .all();
    if (!saved.isTold && others!.n >= MOST_TOLD) return { ok: false, code: 'too-many' };
    if (saved.isChanged) {
      const name = saved.context.id;
      const version = (newestVersion(tx, name)?.version ?? 0) + 1;
      tx.insert(contextVersions)
        .values({ name, version, context: { ...saved.context, version } })
        .run();
    }
    tx.update(contexts).set({ isTold: true }).where(eq(contexts.id, id)).run();
    log('context used in problems', ['context', id]);
    return { ok: true };
  });
}

/** No new problem is told in a context from now on; those that papers hold stay. False if there is none such. */
export function stopTelling(db: Db, id: number): boolean {
  return change(db, (tx, log) => {
    const where = and(eq(contexts.id, id), eq(contexts.isTold, true));
    const { changes } = tx.update(contexts).set({ isTold: false }).where(where).run();
    if (changes > 0) log('context no longer used', ['context', id]);
    return changes > 0;
  });
}

/** Moves a context into the bin; problems of it that papers hold stay. */
export function removeContext(db: Db, id: number): Removed | undefined {
  return change(db, (tx, log) => {
    const saved = readContext(tx, id);
    if (!saved) return undefined;
    log('context removed', ['context', id]);
    const { title } = saved.context;
    return { title, bin: moveToBin(tx, { kind: 'context', title, table: 'contexts', id }) };
  });
}

/** The contexts in which problems are told, and those of which problems are only read. */
export function readOwnContexts(db: Reader): OwnContexts {
  const told = new Set(
    db
      .select({ name: contexts.name })
      .from(contexts)
      .where(eq(contexts.isTold, true))
      .all()
      .map(({ name }) => name)
  );
  const versions = db
    .select()
    .from(contextVersions)
    .orderBy(contextVersions.name, desc(contextVersions.version))
    .all()
    .flatMap(({ context }) => contextShape.safeParse(context).data ?? []);
  const isNewest = ({ id }: Context, at: number) => versions[at - 1]?.id !== id;
  const isTold = (one: Context, at: number) => told.has(one.id) && isNewest(one, at);
  return {
    told: versions.filter(isTold),
    past: versions.filter((one, at) => !isTold(one, at))
  };
}

/** The same text as long as {@link readOwnContexts} gives the same. */
export function ownContextsStamp(db: Reader): string {
  const names = db
    .select({ name: contexts.name })
    .from(contexts)
    .where(eq(contexts.isTold, true))
    .orderBy(contexts.name)
    .all();
  const [versions] = db.select({ n: count() }).from(contextVersions).all();
  return JSON.stringify([names.map(({ name }) => name), versions!.n]);
}
