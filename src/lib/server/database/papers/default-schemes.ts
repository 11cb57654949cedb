import {
  schemeKey,
  type DefaultSchemes,
  type House,
  type PaperPart
} from '@zealous-quill/core/exams';
import { schemeSchema, type Scheme } from '@zealous-quill/core/schemes';
import { findCard } from '@zealous-quill/core/catalogue';
import { and, eq } from 'drizzle-orm';
import { wasOf } from '../base/was';
import { change } from '../base/change';
import type { Db, Reader } from '../base/db';
import { defaultSchemes } from '../base/schema';
import { readHouseStyle } from './house-style';

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

/** What the department says of parts: its house style, and how it marks them. */
export function readHouse(db: Reader): House {
  return { style: readHouseStyle(db), defaults: readDefaultSchemes(db) };
}

/** A scheme of the department in a few words. */
export interface ListedScheme {
  readonly skill: string;
  readonly kind: string;
  readonly title: string;
  /** `M1 M1 A1`. */
  readonly marks: string;
  readonly was: string;
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
      return [
        {
          skill,
          kind,
          marks,
          was: wasOf(scheme),
          title: `${card.title}, ${kind.replace('-', ' ')}`
        }
      ];
    });
}

/** What stands for each skill and kind that has a scheme of the department, to be compared when it is changed. */
export function departmentSchemes(db: Reader): Record<string, string> {
  const rows = db.select().from(defaultSchemes).all();
  return Object.fromEntries(
    rows.map(({ skill, kind, scheme }) => [
      schemeKey(skill, kind as PaperPart['kind']),
      wasOf(scheme)
    ])
  );
}

/** What came of setting a scheme: what stands there now, and whether that is it. */
export interface SetScheme {
  readonly ok: boolean;
  readonly was: string;
}

/**
 * Keeps a scheme as the department's for a skill and kind; with none, the usual one holds again. Refused if what stands
 * there is not what was read; empty stands for the usual one.
 */
export function setDefaultScheme(
  db: Db,
  { skill, kind }: Pick<PaperPart, 'skill' | 'kind'>,
  scheme: Scheme | null,
  was: string
): SetScheme {
  return change(db, (tx, log): SetScheme => {
    const now = departmentSchemes(tx)[schemeKey(skill, kind)] ?? '';
    if (now !== was) return { ok: false, was: now };
    const own = and(eq(defaultSchemes.skill, skill), eq(defaultSchemes.kind, kind));
    tx.delete(defaultSchemes).where(own).run();
    if (scheme) tx.insert(defaultSchemes).values({ skill, kind, scheme }).run();
    log(scheme ? 'scheme of the department set' : 'usual scheme again', 'department');
    return { ok: true, was: departmentSchemes(tx)[schemeKey(skill, kind)] ?? '' };
  });
}
