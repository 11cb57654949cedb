import { asc, eq, max } from 'drizzle-orm';
import { moveToBin } from '../records/bin';
import { change, withinScript } from '../base/change';
import type { Db, Reader } from '../base/db';
import { scriptPages } from '../base/schema';

export const pageTypes = ['image/png', 'image/jpeg', 'application/pdf'] as const;
export type PageType = (typeof pageTypes)[number];

export const turns = [0, 90, 180, 270] as const;
export type Turn = (typeof turns)[number];

/** Bytes a page may have. */
export const LARGEST_PAGE = 10 * 1024 * 1024;

export function addScriptPage(
  db: Db,
  scriptId: number,
  mediaType: PageType,
  bytes: Buffer
): number {
  return change(db, (tx, log) => {
    const { last } = tx
      .select({ last: max(scriptPages.position) })
      .from(scriptPages)
      .where(eq(scriptPages.scriptId, scriptId))
      .get()!;
    const position = (last ?? -1) + 1;
    const { id } = tx
      .insert(scriptPages)
      .values({ scriptId, position, mediaType, bytes })
      .returning()
      .get();
    log('page added', ['script', scriptId], withinScript(tx, scriptId));
    return id;
  });
}

export interface ScriptPage {
  readonly id: number;
  readonly mediaType: string;
  /** Degrees it is turned clockwise. */
  readonly turn: number;
}

/** The pages of a script in the order in which they are read. */
export function listScriptPages(db: Reader, scriptId: number): ScriptPage[] {
  return db
    .select({ id: scriptPages.id, mediaType: scriptPages.mediaType, turn: scriptPages.turn })
    .from(scriptPages)
    .where(eq(scriptPages.scriptId, scriptId))
    .orderBy(asc(scriptPages.position), asc(scriptPages.id))
    .all();
}

export function readScriptPage(db: Db, id: number) {
  return db.select().from(scriptPages).where(eq(scriptPages.id, id)).get();
}

/** Turns a page of a script, or gives it another place among them, counted from 0. */
export function changeScriptPage(
  db: Db,
  { id, scriptId }: { id: number; scriptId: number },
  { turn, position }: { turn?: Turn | undefined; position?: number | undefined }
): void {
  change(db, (tx) => {
    if (turn !== undefined) {
      tx.update(scriptPages).set({ turn }).where(eq(scriptPages.id, id)).run();
    }
    if (position === undefined) return;
    const others = listScriptPages(tx, scriptId).filter((page) => page.id !== id);
    const order = others.map((page) => page.id).toSpliced(position, 0, id);
    order.forEach((pageId, at) =>
      tx.update(scriptPages).set({ position: at }).where(eq(scriptPages.id, pageId)).run()
    );
  });
}

/** Moves a page of a script into the bin; gives the number of its entry. */
export function removeScriptPage(
  db: Db,
  { id, scriptId }: { id: number; scriptId: number }
): number {
  return change(db, (tx, log) => {
    log('page removed', ['script', scriptId], withinScript(tx, scriptId));
    return moveToBin(tx, { kind: 'page', title: 'Page of a script', table: 'script_pages', id });
  });
}
