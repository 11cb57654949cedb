import { varyingParts, type Exam, type ExamForm } from '@zealous-quill/core/exams';
import { partSeed } from '@zealous-quill/core/spaces';
import { z } from 'zod';
import { readClass } from './database/classes';
import type { Db } from './database/connection';
import { readForms, replaceForms, type NewForm } from './database/exam-forms';
import { readExam } from './database/exams';
import { run } from './jobs/pool';

/** Which forms are wanted in the place of those of their kind. */
export const formsAsk = z.discriminatedUnion('what', [
  /** So many with letters, the paper itself among them. */
  z.strictObject({ what: z.literal('letters'), count: z.int().min(1).max(6) }),
  /** One for each pupil of a class, and spares. */
  z.strictObject({ what: z.literal('pupils'), classId: z.int().min(1) }),
  z.strictObject({ what: z.literal('none') })
]);

export type FormsAsk = z.infer<typeof formsAsk>;

export type FormsDrawn =
  | { readonly ok: true }
  | { readonly ok: false; readonly code: 'missing' | 'sat' | 'no-pupils' | 'too-hard' | 'busy' };

/** Spares that are printed with a class's forms, for who is new or spoils a sheet. */
const SPARES = 3;

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
  const drawn = await versions(stored.exam, { wanted, others, signal });
  if (!drawn.ok) return drawn;
  replaceForms(db, paperId, kinds, drawn.forms);
  return { ok: true };
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
  exam: Exam,
  {
    wanted,
    others,
    signal
  }: { wanted: readonly Wanted[]; others: readonly ExamForm[]; signal: AbortSignal }
): Promise<{ ok: true; forms: NewForm[] } | { ok: false; code: 'too-hard' | 'busy' }> {
  const varying = varyingParts(exam);
  if (wanted.length === 0 || varying.length === 0) {
    return { ok: true, forms: wanted.map((form) => ({ ...form, given: {} })) };
  }
  const avoid = others.flatMap(({ given }) =>
    varying.flatMap(({ part }) =>
      part.id in given ? [{ skill: part.skill, given: given[part.id] }] : []
    )
  );
  const asked = {
    parts: varying.map((one) => one.asked),
    count: wanted.length,
    seed: partSeed(exam.seed, `forms/${wanted[0]!.kind}`),
    avoid
  };
  const done = await run('forms', asked, { signal });
  if (!done.ok) return { ok: false, code: done.error.code === 'too-hard' ? 'too-hard' : 'busy' };
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
