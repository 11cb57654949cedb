import {
  defaultHouseStyle,
  houseStyleConflict,
  type HouseStyle
} from '@zealous-quill/core/house-style';
import { markItem, unknownSteps } from '@zealous-quill/core/marking';
import {
  allStrategiesOf,
  describeSkill,
  findListedSkill,
  suitability,
  wrongMethod
} from '@zealous-quill/core/catalogue';
import {
  analyseItem,
  readControls,
  schoolIn,
  WorkedItem,
  type DrawError,
  type Skill
} from '@zealous-quill/core/skill';
import { loadedSkills } from '@zealous-quill/core/catalogue/all';
import { LARGEST_SEED } from '@zealous-quill/core/spaces';
import { randomInt } from 'node:crypto';
import { z } from 'zod';
import { run } from '../jobs/pool';
import { fail, invalid, post, problemsOf, reply } from '../http/reply';
import { undone } from './undone';
import {
  analyseRequest,
  countRequest,
  itemsRequest,
  markingRequest,
  suitabilityRequest
} from './schemas';

/** `GET /api/skills` */
export function listSkills(): Response {
  return reply({ skills: loadedSkills().map(listed) });
}

function listed(skill: Skill) {
  const { id, family, title, features, patterns } = describeSkill(skill, defaultHouseStyle);
  const schools = Object.keys(skill.schools);
  return {
    ...{ id, family, title, schools },
    given: z.toJSONSchema(skill.given.schema),
    features: features.map((feature) => ({
      ...feature,
      ...(feature.kind === 'number' && { max: feature.askedTo ?? feature.max })
    })),
    errorPatterns: skill.patterns.map(({ id, schools: own = schools }, at) => ({
      ...{ id, title: patterns[at]!.title, schools: own }
    }))
  };
}

/** `POST /api/items/count` */
export const countItems = post(countRequest, async ({ skill: id, controls }) => {
  const skill = findListedSkill(id);
  if (!skill) return unknownSkill(id);
  const read = readControls(skill.features, controls, { isNew: true });
  if (!read.ok) return drawFailure(read.error);
  const done = await run('count', { skill: id, controls });
  return done.ok ? reply(done.result) : undone(done.error, { skill: id, controls });
});

/** `POST /api/items` */
export const makeItems = post(itemsRequest, async (request) => {
  const skill = findListedSkill(request.skill);
  if (!skill) return unknownSkill(request.skill);
  const problem = styleProblem(request.houseStyle) ?? schoolProblem(skill, request.school);
  if (problem) return problem;
  const { controls, count, school, houseStyle: style = defaultHouseStyle } = request;
  const read = readControls(skill.features, controls, { isNew: true });
  if (!read.ok) return drawFailure(read.error);
  const seed = request.seed ?? randomInt(LARGEST_SEED + 1);
  const asked = { skill: skill.id, controls, count, seed, school, style };
  const done = await run('draw', asked);
  if (!done.ok) return undone(done.error, asked);
  const drawn = done.result;
  if (!drawn.ok) return drawFailure(drawn.error);
  return reply({ items: drawn.items, population: drawn.population, seed });
});

/** `POST /api/items/analyse` */
export const analyse = post(analyseRequest, ({ skill: id, given, school, houseStyle }) => {
  const skill = findListedSkill(id);
  if (!skill) return unknownSkill(id);
  const problem = styleProblem(houseStyle) ?? schoolProblem(skill, school);
  if (problem) return problem;
  const parsed = z.safeParse(skill.given.schema, given);
  if (!parsed.success) return invalid(problemsOf(parsed.error, ['given']));
  return reply(analyseItem(skill, parsed.data, { school, style: houseStyle ?? defaultHouseStyle }));
});

/** `POST /api/suitability`: the ways as the numbers stand, and those that are advised, several where they tie. */
export const findSuitability = post(suitabilityRequest, (sum) => {
  const best = allStrategiesOf(sum).filter(({ isCheapest }) => isCheapest);
  const advised = [...new Set(best.map(({ skill }) => skill))];
  return reply({ ...suitability(sum.operation, sum.operands), advised });
});

/** `POST /api/marking` */
export const mark = post(
  markingRequest,
  ({ skill: id, given, working, answer, school, scheme }) => {
    const skill = findListedSkill(id);
    if (!skill) return unknownSkill(id);
    const problem = schoolProblem(skill, school);
    if (problem) return problem;
    const parsed = z.safeParse(skill.given.schema, given);
    if (!parsed.success) return invalid(problemsOf(parsed.error, ['given']));
    if ('answer' in working) {
      return invalid([
        { field: 'working.answer', problem: 'the final answer goes in answer only' }
      ]);
    }
    const item = new WorkedItem(skill, parsed.data, school ?? schoolIn(skill, defaultHouseStyle));
    const written = { ...working, ...(answer === undefined ? {} : { answer }) };
    const unknown = unknownSteps(item, written);
    if (unknown.length > 0) {
      return invalid(
        unknown
          .slice(0, 20)
          .map((step) => ({ field: `working.${step}`, problem: 'no step of this item' }))
      );
    }
    return reply(markItem(item, written, scheme));
  }
);

function unknownSkill(id: string): Response {
  const known = loadedSkills().map((skill) => skill.id);
  return fail(404, 'unknown-skill', `There is no skill '${id}'.`, { known });
}

function schoolProblem(skill: Skill, school: string | undefined): Response | undefined {
  if (school === undefined || Object.hasOwn(skill.schools, school)) return undefined;
  return invalid([
    { field: 'school', problem: `one of ${Object.keys(skill.schools).join(', ')} is needed` }
  ]);
}

function styleProblem(style: HouseStyle | undefined): Response | undefined {
  if (!style) return undefined;
  const skill = wrongMethod(style);
  if (skill !== undefined) {
    return invalid([
      { field: `houseStyle.methods.${skill}`, problem: 'not a school of the skill' }
    ]);
  }
  if (!houseStyleConflict(style)) return undefined;
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
