import { schemeKey, type DefaultSchemes, type PaperPart } from '@zealous-quill/core/exams';
import { schemeSchema, type Scheme } from '@zealous-quill/core/marking';
import { findCard } from '@zealous-quill/core/skills';
import { and, eq } from 'drizzle-orm';
import { change } from './change';
import type { Db, Reader } from './connection';
import { defaultSchemes } from './schema';

/** How the department marks parts of a skill and kind, where it has said so. */
export function readDefaultSchemes(db: Reader): DefaultSchemes {
  const rows = db.select().from(defaultSchemes).all();
  return Object.fromEntries(
    rows.flatMap(({ skill, kind, scheme }) => {
      const read = schemeSchema.safeParse(scheme);
      return read.success ? [[schemeKey(skill, kind as PaperPart['kind']), read.data]] : [];
    })
  );
}

/** A scheme of the department in a few words. */
export interface ListedScheme {
  readonly skill: string;
  readonly kind: string;
  readonly title: string;
  /** `M1 M1 A1`. */
  readonly marks: string;
}

/** The schemes of the department, for a list. */
export function listDefaultSchemes(db: Reader): ListedScheme[] {
  return db
    .select()
    .from(defaultSchemes)
    .all()
    .flatMap(({ skill, kind, scheme }) => {
      const card = findCard(skill);
      const read = schemeSchema.safeParse(scheme);
      if (!card || !read.success) return [];
      const marks = read.data.marks.map((mark) => `${mark.kind}${mark.value}`).join(' ');
      return [{ skill, kind, marks, title: `${card.title}, ${kind.replace('-', ' ')}` }];
    });
}

/** Keeps a scheme as the department's for a skill and kind; with none, the usual one holds again. */
export function setDefaultScheme(
  db: Db,
  { skill, kind }: Pick<PaperPart, 'skill' | 'kind'>,
  scheme: Scheme | null
): void {
  change(db, (tx, log) => {
    const own = and(eq(defaultSchemes.skill, skill), eq(defaultSchemes.kind, kind));
    tx.delete(defaultSchemes).where(own).run();
    if (scheme) tx.insert(defaultSchemes).values({ skill, kind, scheme }).run();
    log(scheme ? 'scheme of the department set' : 'usual scheme again', 'department');
  });
}
