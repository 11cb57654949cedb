import {
  examSchema,
  partKey,
  partKinds,
  partsIn,
  unwritten,
  type Exam,
  type ExamFacts,
  type PaperPart
} from '@zealous-quill/core/exams';
import { findListedSkill, OWN_QUESTION } from '@zealous-quill/core/catalogue';
import { schoolIn, skillOf } from '@zealous-quill/core/skill';
import { partSeed } from '@zealous-quill/core/spaces';
import type { Reply } from '$lib/contract/replies';
import { z } from 'zod';
import type { Db } from '../database/base/db';
import { examProblems } from '../database/exams/exam-problems';
import { factsOfExam } from '../database/exams/exams';
import { encounters, lastMet, toAvoid, weeksBefore } from '../database/sittings/exposure';
import { readHouseStyle } from '../database/papers/house-style';
import { readPlanOf, type Unmet } from '../database/papers/plans';
import { run } from '../jobs/pool';
import { type Undone } from '../jobs/undone';
import { undoneWords } from '../jobs/words';
import { metWords } from './who-met';

/** Weeks after which it is not said any more who met an item: a year. */
const REMEMBERED = 52;

/** Something is wanted of the parts of an exam while it is edited, as it stands on the page. */
export const examAsk = z.strictObject({
  exam: examSchema,
  /** Counts what was drawn, so that no two draws are the same. */
  turn: z.int().min(0),
  want: z.discriminatedUnion('what', [
    z.strictObject({ what: z.literal('facts') }),
    z.strictObject({ what: z.literal('other'), parts: z.array(z.string()).min(1).max(150) }),
    z.strictObject({ what: z.literal('read'), part: z.string(), line: z.string().max(500) }),
    z.strictObject({
      what: z.literal('new'),
      kind: z.enum(partKinds),
      skill: z.string().max(60)
    })
  ])
});

export type ExamAsk = z.infer<typeof examAsk>;

export type ExamAnswer =
  ({ readonly ok: true } & Reply<'examAnswer'>) | { readonly ok: false; readonly message: string };

/** Answers what an editor asks; facts of the whole exam come with everything. */
export async function answerExam(
  db: Db,
  paperId: number,
  { exam, turn, want }: ExamAsk,
  signal: AbortSignal
): Promise<ExamAnswer> {
  const drawing = { unmet: readPlanOf(db, paperId)?.unmet ?? null, turn, signal };
  switch (want.what) {
    case 'facts':
      return { ok: true, given: {}, facts: examProblems(exam).length > 0 ? {} : factsOf(db, exam) };
    case 'other':
      return otherItems(db, exam, { ids: want.parts, ...drawing });
    case 'read':
      return readLine(db, exam, want);
    case 'new':
      return newPart(db, exam, { ...want, ...drawing });
  }
}

function factsOf(db: Db, exam: Exam, parts?: readonly PaperPart[]): ExamFacts {
  return factsOfExam(db, exam, readHouseStyle(db), parts);
}

interface Drawing {
  /** To whom the items must be new. */
  readonly unmet: Unmet | null;
  readonly turn: number;
  readonly signal: AbortSignal;
}

/** Items like those of some parts: worth as much, as hard, showing the same; none that is on the exam. */
async function otherItems(
  db: Db,
  exam: Exam,
  { ids, unmet, turn, signal }: Drawing & { ids: readonly string[] }
): Promise<ExamAnswer> {
  const all = partsIn(exam).filter(({ skill }) => skill !== OWN_QUESTION);
  const parts = all.filter(({ id }) => ids.includes(id));
  if (parts.length === 0) return { ok: false, message: 'There is nothing to draw.' };
  const asked = {
    parts: parts.map(({ skill, given, school }) => ({ skill, given, school, hold: [] })),
    count: 1,
    seed: partSeed(exam.seed, `other/${turn}`),
    avoid: [...all.map(({ skill, given }) => ({ skill, given })), ...toAvoid(db, unmet)]
  };
  const done = await run('forms', asked, { signal });
  if (!done.ok) return { ok: false, message: undrawn(done.error) };
  const [form] = done.result.forms;
  const isShort = new Set(done.result.short.map(({ part }) => part));
  const drawn = parts.flatMap((part, at) =>
    isShort.has(at) ? [] : [[part.id, form![at]!.given] as const]
  );
  if (drawn.length === 0) return { ok: false, message: 'There is no other item like this one.' };
  const given = Object.fromEntries(drawn);
  const changed = parts.map((part) =>
    part.id in given ? { ...part, given: given[part.id] } : part
  );
  return { ok: true, given, facts: factsOf(db, exam, changed) };
}

function readLine(
  db: Db,
  exam: Exam,
  { part: id, line }: { part: string; line: string }
): ExamAnswer {
  const part = partsIn(exam).find((one) => one.id === id);
  const skill = part && findListedSkill(part.skill);
  if (!part || !skill) return { ok: false, message: 'This part is not there any more.' };
  const given = skill.given.parse(line);
  if (given === undefined) return { ok: false, message: skill.given.howToType };
  const typed = { ...part, given };
  const within = { since: weeksBefore(REMEMBERED), skill: skill.id };
  const met = lastMet(encounters(db, within), skill.id, given);
  return {
    ...{ ok: true, given: { [id]: given } },
    facts: factsOf(db, exam, [typed]),
    ...(met && { met: { [partKey(typed)]: metWords(met) } })
  };
}

/** A new part: an item in the middle of its skill's ladder, or a question that is yet to be written. */
async function newPart(
  db: Db,
  exam: Exam,
  { kind, skill: id, unmet, turn, signal }: Drawing & { kind: PaperPart['kind']; skill: string }
): Promise<ExamAnswer> {
  const style = readHouseStyle(db);
  const common = { row: '', kind, locked: false, edited: false, guidance: '' };
  if (kind === 'own') {
    const given = unwritten(2, 3, 0);
    const added = { ...common, skill: OWN_QUESTION, school: 'written', given };
    return { ok: true, given: {}, added, facts: {} };
  }
  const skill = findListedSkill(id);
  if (!skill) return { ok: false, message: 'There is no such skill.' };
  const { controls } = skill.ladder[Math.min(3, skill.ladder.length - 1)]!;
  const school = schoolIn(skill, style);
  const seed = partSeed(exam.seed, `new/${turn}`);
  const done = await run(
    'draw',
    { skill: id, controls, count: 20, seed, school, style },
    { signal }
  );
  if (!done.ok) return { ok: false, message: undrawn(done.error) };
  const taken = new Set(
    [...partsIn(exam), ...toAvoid(db, unmet)]
      .filter((part) => part.skill === id)
      .map(({ given }) => skillOf(id).itemKey(given))
  );
  const items = done.result.ok ? done.result.items : [];
  const item = items.find(({ given }) => !taken.has(skill.itemKey(given)));
  if (!item) return { ok: false, message: 'There is no other item of this skill.' };
  return {
    ok: true,
    given: {},
    added: { ...common, skill: id, school, given: item.given },
    facts: {}
  };
}

function undrawn({ code }: Undone): string {
  return code === 'too-hard'
    ? 'Other items like this one are too hard to find. Type an item by hand.'
    : undoneWords[code];
}
