import {
  examOnForm,
  varyingParts,
  type Blueprint,
  type Exam,
  type ExamForm
} from '@zealous-quill/core/exams';
import { partSeed } from '@zealous-quill/core/spaces';
import { z } from 'zod';
import { readClass } from '../database/people/classes';
import type { Db } from '../database/base/db';
import { readForms, replaceForms, type NewForm } from '../database/exams/forms';
import { newExamEdition, readExam, type StoredExam } from '../database/exams/exams';
import { avoided, encounters, toAvoid } from '../database/sittings/exposure';
import { sittingsOf } from '../database/sittings/sittings';
import { run } from '../jobs/pool';
import { type Undone } from '../jobs/undone';
import { undoneWords } from '../jobs/words';

type Met = NonNullable<Blueprint['avoid']>;

/** Which forms are wanted in the place of those of their kind. */
export const formsAsk = z.discriminatedUnion('what', [
  /** So many with letters, the paper itself among them. */
  z.strictObject({ what: z.literal('letters'), count: z.int().min(1).max(6) }),
  /** One for each pupil of a class, and spares. */
  z.strictObject({ what: z.literal('pupils'), classId: z.int().min(1) }),
  z.strictObject({ what: z.literal('none') })
]);

export type FormsAsk = z.infer<typeof formsAsk>;

export type FormsDrawn = { readonly ok: true } | { readonly ok: false; readonly code: Failed };

export type Failed = 'missing' | 'sat' | 'no-pupils' | Undone['code'];

/** Spares that are printed with a class's forms, for who is new or spoils a sheet. */
const SPARES = 3;

/** Why there are no forms, in words. */
export const failedWords: Readonly<Record<Failed, string>> = {
  missing: 'This exam has been removed.',
  sat: 'An exam that has been sat keeps its forms; make a new edition.',
  'no-pupils': 'This class has no pupils yet.',
  ...undoneWords,
  'too-hard': 'Finding so many versions of a part takes too much work. Draw fewer forms.'
};

/** Draws forms of an exam: in every place an item worth as much, as hard and showing the same. */
export async function drawForms(
  db: Db,
  paperId: number,
  ask: FormsAsk,
  signal: AbortSignal
): Promise<FormsDrawn> {
  const stored = readExam(db, paperId);
  if (!stored) return { ok: false, code: 'missing' };
  if (stored.isSat) return { ok: false, code: 'sat' };
  if (ask.what === 'none') {
    replaceForms(db, paperId, ['letter', 'pupil', 'spare'], []);
    return { ok: true };
  }
  const wanted = wantedForms(db, ask);
  if (!wanted) return { ok: false, code: 'no-pupils' };
  const kinds: ExamForm['kind'][] = ask.what === 'letters' ? ['letter'] : ['pupil', 'spare'];
  const others = readForms(db, paperId).filter(({ kind }) => !kinds.includes(kind));
  const met =
    ask.what === 'pupils'
      ? avoided(encounters(db, { classIds: [ask.classId] }))
      : toAvoid(db, stored.unmet);
  const avoid = [...givenOn(stored.exam, others), ...met];
  const drawn = await versions(stored, { wanted, avoid, signal });
  if (!drawn.ok) return drawn;
  replaceForms(db, paperId, kinds, drawn.forms);
  return { ok: true };
}

/** The items of some forms. */
function givenOn(exam: Exam, forms: readonly ExamForm[]): Met {
  return forms.flatMap(({ given }) =>
    varyingParts(exam, null).flatMap(({ part }) =>
      part.id in given ? [{ skill: part.skill, given: given[part.id] }] : []
    )
  );
}

/**
 * A repeat of a sat exam: a new edition with another item in every place, worth as much and as hard, none of which the
 * classes that sat it have met. The id of the edition, or why there is none.
 */
export async function repeatExam(
  db: Db,
  paperId: number,
  signal: AbortSignal
): Promise<
  { readonly ok: true; readonly id: number } | { readonly ok: false; readonly code: Failed }
> {
  const stored = readExam(db, paperId);
  if (!stored) return { ok: false, code: 'missing' };
  const classIds = sittingsOf(db, paperId).map(({ classId }) => classId);
  const met = avoided(encounters(db, { classIds }));
  const avoid = [...givenOn(stored.exam, readForms(db, paperId)), ...met];
  const drawn = await versions(stored, {
    ...{ wanted: [{ kind: 'letter', letter: 'A' }], avoid, signal }
  });
  if (!drawn.ok) return drawn;
  const id = newExamEdition(db, paperId, (exam) => ({
    ...examOnForm(exam, drawn.forms[0]!),
    title: `${exam.title}, repeat`.slice(0, 120)
  }));
  return id === undefined ? { ok: false, code: 'missing' } : { ok: true, id };
}

type Wanted = Omit<NewForm, 'given'>;

function wantedForms(db: Db, ask: Exclude<FormsAsk, { what: 'none' }>): Wanted[] | undefined {
  if (ask.what === 'letters') {
    return [...'BCDEF'].slice(0, ask.count - 1).map((letter) => ({ kind: 'letter', letter }));
  }
  const { pupils = [] } = readClass(db, ask.classId) ?? {};
  if (pupils.length === 0) return undefined;
  return [
    ...pupils.map(({ id }, at) => ({
      kind: 'pupil' as const,
      letter: String(at + 1),
      pupilId: id
    })),
    ...Array.from({ length: SPARES }, (_, at) => ({
      kind: 'spare' as const,
      letter: String(at + 1)
    }))
  ];
}

async function versions(
  { exam, plan }: Pick<StoredExam, 'exam' | 'plan'>,
  { wanted, avoid, signal }: { wanted: readonly Wanted[]; avoid: Met; signal: AbortSignal }
): Promise<{ ok: true; forms: NewForm[] } | { ok: false; code: Undone['code'] }> {
  const varying = varyingParts(exam, plan);
  if (wanted.length === 0 || varying.length === 0) {
    return { ok: true, forms: wanted.map((form) => ({ ...form, given: {} })) };
  }
  const asked = {
    parts: varying.map((one) => one.asked),
    count: wanted.length,
    seed: partSeed(exam.seed, `forms/${wanted[0]!.kind}`),
    avoid
  };
  const done = await run('forms', asked, { signal });
  if (!done.ok) return { ok: false, code: done.error.code };
  const { forms } = done.result;
  return {
    ok: true,
    forms: wanted.map((form, at) => ({
      ...form,
      given: Object.fromEntries(
        varying.map(({ part }, place) => [part.id, forms[at]![place]!.given])
      )
    }))
  };
}
