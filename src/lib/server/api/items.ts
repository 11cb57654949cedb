import { defaultHouseStyle, houseStyleConflict } from '@zealous-quill/core/house-style';
import { markItem, unknownSteps } from '@zealous-quill/core/marking';
import {
  analyseItem,
  drawItems,
  explainEmpty,
  findSkill,
  readControls,
  skills,
  suitability,
  type DrawError,
  type Skill
} from '@zealous-quill/core/skills';
import { LARGEST_SEED } from '@zealous-quill/core/spaces';
import { randomInt } from 'node:crypto';
import { z } from 'zod';
import { fail, invalid, post, problemsOf, reply } from './reply';
import {
  analyseRequest,
  countRequest,
  itemsRequest,
  markingRequest,
  suitabilityRequest
} from './schemas';

/** `GET /api/skills` */
export function listSkills(): Response {
  return reply({
    skills: skills.map((skill) => ({
      id: skill.id,
      family: skill.family,
      title: skill.words.title,
      given: z.toJSONSchema(skill.given),
      features: skill.features,
      schools: skill.schools,
      errorPatterns: skill.errorPatterns.map(({ id, schools }) => ({
        id,
        title: skill.words.errorPatterns[id]!.title,
        schools: schools ?? skill.schools
      }))
    }))
  });
}

/** `POST /api/items/count` */
export const countItems = post(countRequest, ({ skill: id, controls }) => {
  const skill = findSkill(id);
  if (!skill) return unknownSkill(id);
  const read = readControls(skill.features, controls);
  if (!read.ok) return drawFailure(read.error);
  const count = skill.count(read.constraints);
  return reply(count > 0n ? { count } : { count, ...explainEmpty(skill, controls) });
});

/** `POST /api/items` */
export const makeItems = post(itemsRequest, (request) => {
  const skill = findSkill(request.skill);
  if (!skill) return unknownSkill(request.skill);
  const problem = styleProblem(request.houseStyle) ?? schoolProblem(skill, request.school);
  if (problem) return problem;
  const seed = request.seed ?? randomInt(LARGEST_SEED + 1);
  const drawn = drawItems(skill, { controls: request.controls, count: request.count, seed });
  if (!drawn.ok) return drawFailure(drawn.error);
  const { school, houseStyle: style = defaultHouseStyle } = request;
  const items = drawn.given.map((given) => analyseItem(skill, given, { school, style }));
  return reply({ items, population: drawn.population, seed });
});

/** `POST /api/items/analyse` */
export const analyse = post(analyseRequest, ({ skill: id, given, school, houseStyle }) => {
  const skill = findSkill(id);
  if (!skill) return unknownSkill(id);
  const problem = styleProblem(houseStyle) ?? schoolProblem(skill, school);
  if (problem) return problem;
  const parsed = skill.given.safeParse(given);
  if (!parsed.success) return invalid(problemsOf(parsed.error, ['given']));
  return reply(analyseItem(skill, parsed.data, { school, style: houseStyle ?? defaultHouseStyle }));
});

/** `POST /api/suitability` */
export const findSuitability = post(suitabilityRequest, ({ operation, operands }) =>
  reply(suitability(operation, operands))
);

/** `POST /api/marking` */
export const mark = post(
  markingRequest,
  ({ skill: id, given, working, answer, school, scheme }) => {
    const skill = findSkill(id);
    if (!skill) return unknownSkill(id);
    const problem = schoolProblem(skill, school);
    if (problem) return problem;
    const parsed = skill.given.safeParse(given);
    if (!parsed.success) return invalid(problemsOf(parsed.error, ['given']));
    if ('answer' in working) {
      return invalid([
        { field: 'working.answer', problem: 'the final answer goes in answer only' }
      ]);
    }
    const request = {
      given: parsed.data,
      school: school ?? skill.schools[0]!,
      working: { ...working, ...(answer === undefined ? {} : { answer }) },
      scheme
    };
    const unknown = unknownSteps(skill, request);
    if (unknown.length > 0) {
      return invalid(
        unknown
          .slice(0, 20)
          .map((step) => ({ field: `working.${step}`, problem: 'no step of this item' }))
      );
    }
    return reply(markItem(skill, request));
  }
);

function unknownSkill(id: string): Response {
  const known = skills.map((skill) => skill.id);
  return fail(404, 'unknown-skill', `There is no skill '${id}'.`, { known });
}

function schoolProblem(skill: Skill, school: string | undefined): Response | undefined {
  if (school === undefined || skill.schools.includes(school)) return undefined;
  return invalid([{ field: 'school', problem: `one of ${skill.schools.join(', ')} is needed` }]);
}

function styleProblem(style: z.infer<typeof itemsRequest>['houseStyle']): Response | undefined {
  if (!style || !houseStyleConflict(style)) return undefined;
  return invalid([
    { field: 'houseStyle.grouping', problem: 'commas cannot group digits beside a decimal comma' }
  ]);
}

function drawFailure(error: DrawError): Response {
  switch (error.code) {
    case 'invalid':
      return invalid([{ field: `controls.${error.field}`, problem: `needs ${error.expected}` }]);
    case 'empty-space': {
      const { conflict, nearest } = error;
      const names = conflict.join(', ');
      return fail(422, 'empty-space', `No item meets these controls together: ${names}.`, {
        conflict,
        nearest
      });
    }
    case 'too-few':
      return fail(422, 'too-few', `There are only ${error.population} such items.`, {
        population: String(error.population)
      });
  }
}
