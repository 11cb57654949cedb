import {
  lineWords,
  type AssemblyError,
  type Blueprint,
  type ExamPart,
  type House
} from '@zealous-quill/core/exams';
import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
import { findCard } from '@zealous-quill/core/catalogue';
import type { AssemblyAsked } from '$lib/server/jobs/tasks';
import { run } from '$lib/server/jobs/pool';
import { newSeed } from '$lib/server/http/seeds';
import type { Reply } from '$lib/contract/replies';
import { findSkill, skillOf } from '@zealous-quill/core/skill';

/** A part with its item on one line. */
export interface ShownPart extends Pick<
  ExamPart,
  'row' | 'section' | 'question' | 'kind' | 'marks' | 'difficulty' | 'seconds' | 'options'
> {
  readonly title: string;
  readonly line: string;
}

export function shownParts(parts: readonly ExamPart[], style: HouseStyle): ShownPart[] {
  return parts.map(({ skill, school: _, given, ...part }) => ({
    ...part,
    title: skill === null ? 'Own question' : findCard(skill)!.title,
    line: skill === null ? '' : writeText(skillOf(skill).given.print(given), style)
  }));
}

/** What is asked of the assembly of a house where some items must not be drawn. */
export function askedOf(
  plan: Blueprint,
  { avoid, house }: { avoid: NonNullable<Blueprint['avoid']>; house: House }
): AssemblyAsked {
  return {
    plan: { ...plan, avoid: [...(plan.avoid ?? []), ...avoid] },
    seed: plan.seed ?? 0,
    house
  };
}

/** A new plan: twenty marks of a skill, as a rung of its ladder asks for them. */
export function startPlan(skill: string): Blueprint {
  return { total: 20, rising: true, seed: newSeed(), rows: [startRow(skill, 'r1')] };
}

/** A row for a skill within the controls of a rung of its ladder: never without any. */
function startRow(id: string, row: string): Blueprint['rows'][number] {
  const { ladder } = findSkill(id)!;
  const { controls } = ladder[Math.min(3, ladder.length - 1)]!;
  return {
    ...{ id: row, skills: [id], controls: { [id]: controls as never }, kind: 'set-out' },
    parts: { min: 1, max: 20 }
  };
}

/** Whether a plan that was not met could be, if items that were met before might be drawn again. */
export async function metIsCause(
  asked: AssemblyAsked,
  plan: Blueprint,
  signal: AbortSignal
): Promise<boolean> {
  if ((asked.plan.avoid?.length ?? 0) === (plan.avoid?.length ?? 0)) return false;
  const done = await run('assemble', { ...asked, plan }, { signal });
  return done.ok && done.result.ok;
}

/** Why a plan cannot be met, with what could be changed; `isMetCause` if only items that were met before are missing. */
export function whyUnmet(
  plan: Blueprint,
  error: AssemblyError,
  isMetCause: boolean
): Reply<'tried'> & { ok: false } {
  if (isMetCause) {
    const message =
      'The class has met too many of these items. The plan can be met with items that were met before, or with fewer weeks to avoid.';
    return { ok: false, message, lines: [] };
  }
  const wordsOf = (line: string) => lineWords(plan, line, (skill) => findCard(skill)!.title);
  switch (error.code) {
    case 'empty-space': {
      const title = findCard(error.skill)!.title;
      const message = `No item of ${title.toLowerCase()} meets ${error.conflict.join(', ')} together.`;
      return { ok: false, message, lines: [] };
    }
    case 'too-hard':
      return {
        ok: false,
        message: 'No paper was found within the work it may take. Loosen one of these lines.',
        lines: error.leaveOut.map((line) => ({ line, words: wordsOf(line), nearest: null }))
      };
    case 'impossible': {
      const all = [error, ...error.more];
      return {
        ok: false,
        message: 'These lines cannot hold together.',
        lines: all.flatMap(({ conflict, nearest }) =>
          conflict.map((line) => ({
            line,
            words: wordsOf(line),
            nearest: nearest[line]
          }))
        )
      };
    }
  }
}
