import { partsIn, type Exam } from '@zealous-quill/core/exams';
import type { OwnQuestion } from '@zealous-quill/core/skills/own-question';
import { inArray } from 'drizzle-orm';
import { createHash } from 'node:crypto';
import type { Db, Reader } from '../base/db';
import { pictures } from '../base/schema';

/** The name of a picture says what is in it, so that the same one is kept once. */
export const pictureName = (bytes: Buffer, type: 'png' | 'svg'): string =>
  `${createHash('sha256').update(bytes).digest('hex')}.${type}`;

/** Keeps a picture that can be printed; gives its name. */
export function keepPicture(db: Db, bytes: Buffer, name: string): string {
  db.insert(pictures).values({ name, bytes }).onConflictDoNothing().run();
  return name;
}

/** Pictures by name, those that are there. */
export function readPictures(db: Reader, names: readonly string[]): Record<string, Buffer> {
  const rows = db
    .select()
    .from(pictures)
    .where(inArray(pictures.name, [...names]))
    .all();
  return Object.fromEntries(rows.map(({ name, bytes }) => [name, bytes]));
}

/** The names of the pictures on an exam. */
export function pictureNames(exam: Exam): string[] {
  return partsIn(exam).flatMap(({ kind, given }) => {
    const name = kind === 'own' ? (given as OwnQuestion).picture?.name : undefined;
    return name === undefined ? [] : [name];
  });
}
