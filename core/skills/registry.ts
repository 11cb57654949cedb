import type { Graph } from '../working';
import type { Skill } from './skill';
import { nearMultipleSubtraction } from './mental/near-multiple-subtraction';
import { squareEndingFive } from './mental/square-ending-five';
import { factoriseQuadratic } from './algebra/factorise-quadratic';
import { orderDecimals } from './decimals/order-decimals';
import { mixedSubtraction } from './fractions/mixed-subtraction';
import { columnAddition } from './written/column-addition';
import { longMultiplication } from './written/long-multiplication';
import { columnSubtraction } from './written/column-subtraction';

/** All skills, in the order of the catalogue. Each is a folder and a line here. */
export const skills: readonly Skill[] = [
  anySkill(columnAddition),
  anySkill(columnSubtraction),
  anySkill(longMultiplication),
  anySkill(orderDecimals),
  anySkill(mixedSubtraction),
  anySkill(nearMultipleSubtraction),
  anySkill(squareEndingFive),
  anySkill(factoriseQuadratic)
];

/** The skill of that id, or undefined. */
export function findSkill(id: string): Skill | undefined {
  return skills.find((skill) => skill.id === id);
}

/** The skill of an id that is known to be one; a missing one is a programmer's mistake. */
export function skillOf(id: string): Skill {
  const skill = findSkill(id);
  if (!skill) throw new Error(`skillOf: no skill '${id}' in the registry`);
  return skill;
}

/**
 * A skill whose items are checked by its own schema before they reach it, so that their type may be forgotten.
 * The graph of an item is built once for each object that gives it: it is asked for again and again.
 */
function anySkill<Given extends object>(skill: Skill<Given>): Skill {
  const graphs = new WeakMap<Given, Map<string, Graph>>();
  const graph = (given: Given, school: string): Graph => {
    const known = graphs.get(given) ?? new Map<string, Graph>();
    graphs.set(given, known);
    const built = known.get(school) ?? skill.graph(given, school);
    known.set(school, built);
    return built;
  };
  return { ...skill, graph } as unknown as Skill;
}
