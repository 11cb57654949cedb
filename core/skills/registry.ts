import type { SkillCard } from './card';
import { card as factoriseQuadratic } from './algebra/factorise-quadratic/card';
import { card as decimalAddition } from './decimals/decimal-addition/card';
import { card as decimalDivision } from './decimals/decimal-division/card';
import { card as decimalMultiplication } from './decimals/decimal-multiplication/card';
import { card as decimalSubtraction } from './decimals/decimal-subtraction/card';
import { card as orderDecimals } from './decimals/order-decimals/card';
import { card as mixedAddition } from './fractions/mixed-addition/card';
import { card as mixedSubtraction } from './fractions/mixed-subtraction/card';
import { card as nearMultipleSubtraction } from './mental/near-multiple-subtraction/card';
import { card as squareEndingFive } from './mental/square-ending-five/card';
import { card as columnAddition } from './written/column-addition/card';
import { card as columnSubtraction } from './written/column-subtraction/card';
import { card as shortMultiplication } from './written/short-multiplication/card';
import { card as shortDivision } from './written/short-division/card';
import { card as longDivision } from './written/long-division/card';
import { card as longMultiplication } from './written/long-multiplication/card';
import { card as ownQuestion } from './own-question/card';
import { findSkill, keepLoaded } from './loaded';
import type { Skill } from './skill';

type Load = () => Promise<{ skill: Skill }>;

/** All skills, in the order of the catalogue: the card, and where the rest is. Each is a folder and a line here. */
const entries: readonly (readonly [card: SkillCard, load: Load])[] = [
  [columnAddition, () => import('./written/column-addition')],
  [columnSubtraction, () => import('./written/column-subtraction')],
  [shortMultiplication, () => import('./written/short-multiplication')],
  [longMultiplication, () => import('./written/long-multiplication')],
  [shortDivision, () => import('./written/short-division')],
  [longDivision, () => import('./written/long-division')],
  [orderDecimals, () => import('./decimals/order-decimals')],
  [decimalAddition, () => import('./decimals/decimal-addition')],
  [decimalSubtraction, () => import('./decimals/decimal-subtraction')],
  [decimalMultiplication, () => import('./decimals/decimal-multiplication')],
  [decimalDivision, () => import('./decimals/decimal-division')],
  [mixedAddition, () => import('./fractions/mixed-addition')],
  [mixedSubtraction, () => import('./fractions/mixed-subtraction')],
  [nearMultipleSubtraction, () => import('./mental/near-multiple-subtraction')],
  [squareEndingFive, () => import('./mental/square-ending-five')],
  [factoriseQuadratic, () => import('./algebra/factorise-quadratic')]
];

/** What stands on papers like an item of a skill, but is drawn by nobody and in no catalogue. */
const unlisted: typeof entries = [[ownQuestion, () => import('./own-question')]];

/** The cards of the catalogue. */
export const cards: readonly SkillCard[] = entries.map(([card]) => card);

/** The card of that id in the catalogue, or undefined. */
export function findCard(id: string): SkillCard | undefined {
  return cards.find((card) => card.id === id);
}

/** The card of whatever can stand on a paper, or undefined. */
export function findPaperCard(id: string): SkillCard | undefined {
  return entryOf(id)?.[0];
}

/** The skill of that id in the catalogue, if it is loaded. */
export function findListedSkill(id: string): Skill | undefined {
  return findCard(id) && findSkill(id);
}

const entryOf = (id: string) => [...entries, ...unlisted].find(([card]) => card.id === id);

/** The first skill of which a house style names a school that it does not have; undefined if all is well. */
export function wrongMethod({ methods }: { methods: Readonly<Record<string, string>> }) {
  return Object.keys(methods).find(
    (id) => !Object.hasOwn(findCard(id)?.schools ?? {}, methods[id]!)
  );
}

/** Loads skills, so that `skillOf` has them; ids of no skill are a programmer's mistake. */
export async function loadSkills(ids: Iterable<string>): Promise<void> {
  const missing = [...new Set(ids)].filter((id) => !findSkill(id));
  await Promise.all(
    missing.map(async (id) => {
      const entry = entryOf(id);
      if (!entry) throw new Error(`loadSkills: no skill '${id}' in the registry`);
      keepLoaded((await entry[1]()).skill);
    })
  );
}

/** Loads the skills that are ways of working one operation. */
export function loadWays(operation: SkillCard['operation']): Promise<void> {
  return loadSkills(cards.filter((card) => card.operation === operation).map(({ id }) => id));
}

/** The skills of the catalogue that are loaded, in the order of the catalogue. */
export function loadedSkills(): Skill[] {
  return cards.flatMap(({ id }) => findSkill(id) ?? []);
}
