import type { SkillCard } from './card';
import { card as factoriseQuadratic } from './algebra/factorise-quadratic/card';
import { card as decimalAddition } from './decimals/decimal-addition/card';
import { card as decimalDivision } from './decimals/decimal-division/card';
import { card as decimalMultiplication } from './decimals/decimal-multiplication/card';
import { card as decimalSubtraction } from './decimals/decimal-subtraction/card';
import { card as orderDecimals } from './decimals/order-decimals/card';
import { card as mixedAddition } from './fractions/mixed-addition/card';
import { card as mixedSubtraction } from './fractions/mixed-subtraction/card';
import { card as partitionAddition } from './mental/partition-addition/card';
import { card as bridgeAddition } from './mental/bridge-addition/card';
import { card as nearMultipleAddition } from './mental/near-multiple-addition/card';
import { card as nearMultipleSubtraction } from './mental/near-multiple-subtraction/card';
import { card as complement } from './mental/complement/card';
import { card as chooseWay } from './mental/choose-way/card';
import { card as nearDoubles } from './mental/near-doubles/card';
import { card as reversedPair } from './mental/reversed-pair/card';
import { card as compatibleAddition } from './mental/compatible-addition/card';
import { card as doubling } from './mental/doubling/card';
import { card as doubleAndHalve } from './mental/double-and-halve/card';
import { card as nearBaseMultiplication } from './mental/near-base-multiplication/card';
import { card as nearBaseSquare } from './mental/near-base-square/card';
import { card as squareEndingFive } from './mental/square-ending-five/card';
import { card as repunitMultiplication } from './mental/repunit-multiplication/card';
import { card as exactCubeRoot } from './mental/exact-cube-root/card';
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
  [partitionAddition, () => import('./mental/partition-addition')],
  [bridgeAddition, () => import('./mental/bridge-addition')],
  [nearMultipleAddition, () => import('./mental/near-multiple-addition')],
  [nearMultipleSubtraction, () => import('./mental/near-multiple-subtraction')],
  [complement, () => import('./mental/complement')],
  [nearDoubles, () => import('./mental/near-doubles')],
  [reversedPair, () => import('./mental/reversed-pair')],
  [compatibleAddition, () => import('./mental/compatible-addition')],
  [doubling, () => import('./mental/doubling')],
  [doubleAndHalve, () => import('./mental/double-and-halve')],
  [nearBaseMultiplication, () => import('./mental/near-base-multiplication')],
  [nearBaseSquare, () => import('./mental/near-base-square')],
  [squareEndingFive, () => import('./mental/square-ending-five')],
  [repunitMultiplication, () => import('./mental/repunit-multiplication')],
  [exactCubeRoot, () => import('./mental/exact-cube-root')],
  [chooseWay, chooseWayAmongAll],
  [factoriseQuadratic, () => import('./algebra/factorise-quadratic')]
];

/** A skill that is made of the others: all that are ways of working an operation. */
async function chooseWayAmongAll(): Promise<{ skill: Skill }> {
  const ways = cards.flatMap(({ id, operation }) => (operation ? [id] : []));
  const [{ choosingAmong }] = await Promise.all([import('./mental/choose-way'), loadSkills(ways)]);
  return { skill: await choosingAmong(ways.map((id) => findSkill(id)!)) };
}

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
