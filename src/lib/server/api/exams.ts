import {
  blueprintSchema,
  isPattern,
  type AssemblyError,
  type Blueprint
} from '@zealous-quill/core/exams';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { findListedSkill } from '@zealous-quill/core/catalogue';
import { meetsControls, readControls, schoolIn, type Controls } from '@zealous-quill/core/skill';
import { z } from 'zod';
import { newSeed } from '../http/seeds';
import { run } from '../jobs/pool';
import { fail, invalid, post, problemsOf, reply, type Problem } from '../http/reply';
import { formsRequest } from './schemas';
import { machineUndone } from './undone';

/** `POST /api/assemble` */
export const assembleExam = post(blueprintSchema, async (plan) => {
  const problems = [...planProblems(plan)];
  if (problems.length > 0) return invalid(problems);
  const done = await run('assemble', { plan, seed: plan.seed ?? newSeed() });
  if (!done.ok) return machineUndone(done.error);
  const { result } = done;
  if (!result.ok) return assemblyFailure(result.error);
  const { parts, totals, seed } = result;
  return reply({ parts, totals, seed });
});

/** `POST /api/forms` */
export const makeForms = post(
  formsRequest,
  async ({ parts, count, seed = newSeed(), avoid = [] }) => {
    const problems = parts.flatMap((part, at) => [
      ...itemProblems(part, ['parts', at]),
      ...heldProblems(part, at),
      ...controlProblems(part, at)
    ]);
    problems.push(...avoid.flatMap((part, at) => itemProblems(part, ['avoid', at])));
    if (problems.length > 0) return invalid(problems);
    const asked = parts.map(({ skill: id, given, school, controls, hold = [] }) => {
      const skill = findListedSkill(id)!;
      return {
        ...{ skill: id, given: readGiven(id, given), hold },
        ...(controls && { controls: controls as Controls }),
        school: school ?? schoolIn(skill, defaultHouseStyle)
      };
    });
    const avoided = avoid.map(({ skill, given }) => ({ skill, given: readGiven(skill, given) }));
    const done = await run('forms', { parts: asked, count, seed, avoid: avoided });
    if (done.ok) return reply({ ...done.result, seed });
    const { code, leaveOut = asked.map((_, at) => `parts.${at}`) } = done.error;
    if (code !== 'too-hard') return machineUndone(done.error);
    const message = 'Finding versions of a part takes too much work. Ask for fewer, or for others.';
    return fail(422, 'too-hard', message, { leaveOut });
  }
);

const readGiven = (skill: string, given: unknown) =>
  findListedSkill(skill)!.given.schema.parse(given);

/** What only the skills can tell of a plan: whether they can read its controls, items and patterns. */
export function* planProblems(plan: Blueprint): Generator<Problem> {
  for (const [at, row] of plan.rows.entries()) {
    for (const id of row.skills) {
      const skill = findListedSkill(id)!;
      const controls = (row.controls?.[id] ?? {}) as Controls;
      const spread = row.spread?.parts.map(({ control }) => ({ [row.spread!.feature]: control }));
      for (const more of spread ?? [{}]) {
        const read = readControls(skill.features, { ...controls, ...more } as Controls, {
          isNew: true
        });
        if (read.ok) continue;
        const { field, expected } = read.error;
        yield { field: `rows.${at}.controls.${id}.${field}`, problem: `needs ${expected}` };
      }
    }
  }
  for (const key of Object.keys(plan.patterns ?? {})) {
    if (!isPattern(key))
      yield { field: `patterns.${key}`, problem: 'there is no such error pattern' };
  }
  for (const name of ['keep', 'avoid'] as const) {
    for (const [at, part] of (plan[name] ?? []).entries()) yield* itemProblems(part, [name, at]);
  }
}

function itemProblems(
  { skill: id, given, school }: { skill: string; given: unknown; school?: string | undefined },
  path: readonly PropertyKey[]
): Problem[] {
  const skill = findListedSkill(id);
  const place = path.map(String).join('.');
  if (!skill) return [{ field: `${place}.skill`, problem: 'there is no such skill' }];
  if (school !== undefined && !Object.hasOwn(skill.schools, school)) {
    return [{ field: `${place}.school`, problem: 'the skill has no such school' }];
  }
  const parsed = z.safeParse(skill.given.schema, given);
  return parsed.success ? [] : problemsOf(parsed.error, [...path, 'given']);
}

function heldProblems(
  { skill: id, hold = [] }: { skill: string; hold?: string[] | undefined },
  at: number
): Problem[] {
  const known = findListedSkill(id)?.features.map((feature) => feature.id) ?? [];
  const unknown = hold.find((name) => !known.includes(name));
  return unknown === undefined
    ? []
    : [{ field: `parts.${at}.hold`, problem: `the skill has no feature ${unknown}` }];
}

/** What is wrong with the controls of a part: they cannot be read, or its own item does not meet them. */
function controlProblems(
  { skill: id, given, controls = {} }: { skill: string; given: unknown; controls?: unknown },
  at: number
): Problem[] {
  const skill = findListedSkill(id);
  if (!skill?.given.schema.safeParse(given).success) return [];
  const read = readControls(skill.features, controls as Controls);
  const place = `parts.${at}.controls`;
  if (!read.ok) {
    const { field, expected } = read.error;
    return [{ field: `${place}.${field}`, problem: `needs ${expected}` }];
  }
  return meetsControls(skill, readGiven(id, given), controls as Controls)
    ? []
    : [{ field: place, problem: 'the item given does not meet these controls' }];
}

function assemblyFailure(error: AssemblyError): Response {
  switch (error.code) {
    case 'empty-space': {
      const { row, skill, conflict, nearest } = error;
      const message = `No item meets the controls of row ${row} together: ${conflict.join(', ')}.`;
      return fail(422, 'empty-space', message, { row, skill, conflict, nearest });
    }
    case 'impossible': {
      const { conflict, nearest, more } = error;
      const message = `These lines cannot hold together: ${conflict.join(', ')}.`;
      return fail(422, 'impossible', message, { conflict, nearest, more });
    }
    case 'too-hard': {
      const message =
        'No paper was found for this plan within the work it may take. Loosen a line.';
      return fail(422, 'too-hard', message, { leaveOut: error.leaveOut });
    }
  }
}
