import { asc, eq } from 'drizzle-orm';
import type { Db, Reader } from './connection';
import { log } from './logbook';
import { scriptPages } from './schema';

export const pageTypes = ['image/png', 'image/jpeg', 'application/pdf'] as const;
export type PageType = (typeof pageTypes)[number];

/** The type a file really has, by its first bytes; undefined for anything but PNG, JPEG and PDF. */
export function pageTypeOf(bytes: Uint8Array): PageType | undefined {
  const starts = (...signature: number[]) => signature.every((byte, at) => bytes[at] === byte);
  if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
  if (starts(0xff, 0xd8, 0xff)) return 'image/jpeg';
  return starts(0x25, 0x50, 0x44, 0x46, 0x2d) ? 'application/pdf' : undefined;
}

export function addScriptPage(
  db: Db,
  scriptId: number,
  mediaType: PageType,
  bytes: Buffer
): number {
  return db.transaction((tx) => {
    const position = listScriptPages(tx, scriptId).length;
    const { id } = tx
      .insert(scriptPages)
      .values({ scriptId, position, mediaType, bytes })
      .returning()
      .get();
    log(tx, 'page added', `script ${scriptId}`);
    return id;
  });
}

export function listScriptPages(db: Reader, scriptId: number): { id: number; mediaType: string }[] {
  return db
    .select({ id: scriptPages.id, mediaType: scriptPages.mediaType })
    .from(scriptPages)
    .where(eq(scriptPages.scriptId, scriptId))
    .orderBy(asc(scriptPages.position), asc(scriptPages.id))
    .all();
}

export function readScriptPage(db: Db, id: number) {
  return db.select().from(scriptPages).where(eq(scriptPages.id, id)).get();
}

export function removeScriptPage(db: Db, id: number): void {
  db.delete(scriptPages).where(eq(scriptPages.id, id)).run();
}
