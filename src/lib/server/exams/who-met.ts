import { partKey, partsIn } from '@zealous-quill/core/exams';
import { OWN_QUESTION } from '@zealous-quill/core/catalogue';
import type { Db } from '../database/base/db';
import type { StoredExam } from '../database/exams/exams';
import {
  classesBefore,
  encounters,
  lastMet,
  metLately,
  type Encounter
} from '../database/sittings/exposure';

/** Who met an item, where and when: `7 Copper met it on 2026-03-14 (Spring assessment)`. */
export function metWords({ className, satOn, title }: Encounter): string {
  return `${className} met it on ${satOn} (${title})`;
}

/**
 * What of an exam those have met whom it is for: the class that its plan names, and those that sat an earlier edition.
 * In words, by the keys of the parts.
 */
export function metOnExam(
  db: Db,
  { id, exam, unmet }: Pick<StoredExam, 'id' | 'exam' | 'unmet'>
): Record<string, string> {
  const met = [...metLately(db, unmet), ...encounters(db, { classIds: classesBefore(db, id) })];
  return Object.fromEntries(
    partsIn(exam)
      .filter(({ skill }) => skill !== OWN_QUESTION)
      .flatMap((part) => {
        const last = lastMet(met, part.skill, part.given);
        return last ? [[partKey(part), metWords(last)]] : [];
      })
  );
}
