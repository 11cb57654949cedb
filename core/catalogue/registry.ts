import type { SkillCard } from '../skill/card';
import { card as factoriseQuadratic } from '../skills/algebra/factorise-quadratic/card';
import { card as decimalAddition } from '../skills/decimals/decimal-addition/card';
import { card as decimalDivision } from '../skills/decimals/decimal-division/card';
import { card as decimalMultiplication } from '../skills/decimals/decimal-multiplication/card';
import { card as decimalSubtraction } from '../skills/decimals/decimal-subtraction/card';
import { card as orderDecimals } from '../skills/decimals/order-decimals/card';
import { card as mixedAddition } from '../skills/fractions/mixed-addition/card';
import { card as mixedSubtraction } from '../skills/fractions/mixed-subtraction/card';
import { card as numberBonds } from '../skills/mental/number-bonds/card';
import { card as partitionAddition } from '../skills/mental/partition-addition/card';
import { card as bridgeAddition } from '../skills/mental/bridge-addition/card';
import { card as nearMultipleAddition } from '../skills/mental/near-multiple-addition/card';
import { card as nearMultipleSubtraction } from '../skills/mental/near-multiple-subtraction/card';
import { card as complement } from '../skills/mental/complement/card';
import { card as chooseWay } from '../skills/mental/choose-way/card';
import { card as nearDoubles } from '../skills/mental/near-doubles/card';
import { card as reversedPair } from '../skills/mental/reversed-pair/card';
import { card as compatibleAddition } from '../skills/mental/compatible-addition/card';
import { card as doubling } from '../skills/mental/doubling/card';
import { card as doubleAndHalve } from '../skills/mental/double-and-halve/card';
import { card as nearBaseMultiplication } from '../skills/mental/near-base-multiplication/card';
import { card as nearBaseSquare } from '../skills/mental/near-base-square/card';
import { card as squareEndingFive } from '../skills/mental/square-ending-five/card';
import { card as repunitMultiplication } from '../skills/mental/repunit-multiplication/card';
import { card as exactCubeRoot } from '../skills/mental/exact-cube-root/card';
import { card as columnAddition } from '../skills/written/column-addition/card';
import { card as columnSubtraction } from '../skills/written/column-subtraction/card';
import { card as shortMultiplication } from '../skills/written/short-multiplication/card';
import { card as shortDivision } from '../skills/written/short-division/card';
import { card as longDivision } from '../skills/written/long-division/card';
import { card as longMultiplication } from '../skills/written/long-multiplication/card';
import { card as wordProblem } from '../skills/problems/word-problem/card';
import { card as ownQuestion } from '../skills/own-question/card';
import { findSkill, keepLoaded } from '../skill/loaded';
import type { Skill } from '../skill/skill';
import type { Context } from '../skills/problems/word-problem';

type Load = () => Promise<{ skill: Skill }>;

/** All skills, in the order of the catalogue: the card, and where the rest is. Each is a folder and a line here. */
const entries: readonly (readonly [card: SkillCard, load: Load])[] = [
  [columnAddition, () => import('../skills/written/column-addition')],
  [columnSubtraction, () => import('../skills/written/column-subtraction')],
  [shortMultiplication, () => import('../skills/written/short-multiplication')],
  [longMultiplication, () => import('../skills/written/long-multiplication')],
  [shortDivision, () => import('../skills/written/short-division')],
  [longDivision, () => import('../skills/written/long-division')],
  [orderDecimals, () => import('../skills/decimals/order-decimals')],
  [decimalAddition, () => import('../skills/decimals/decimal-addition')],
  [decimalSubtraction, () => import('../skills/decimals/decimal-subtraction')],
  [decimalMultiplication, () => import('../skills/decimals/decimal-multiplication')],
  [decimalDivision, () => import('../skills/decimals/decimal-division')],
  [mixedAddition, () => import('../skills/fractions/mixed-addition')],
  [mixedSubtraction, () => import('../skills/fractions/mixed-subtraction')],
  [numberBonds, () => import('../skills/mental/number-bonds')],
  [partitionAddition, () => import('../skills/mental/partition-addition')],
  [bridgeAddition, () => import('../skills/mental/bridge-addition')],
  [nearMultipleAddition, () => import('../skills/mental/near-multiple-addition')],
  [nearMultipleSubtraction, () => import('../skills/mental/near-multiple-subtraction')],
  [complement, () => import('../skills/mental/complement')],
  [nearDoubles, () => import('../skills/mental/near-doubles')],
  [reversedPair, () => import('../skills/mental/reversed-pair')],
  [compatibleAddition, () => import('../skills/mental/compatible-addition')],
  [doubling, () => import('../skills/mental/doubling')],
  [doubleAndHalve, () => import('../skills/mental/double-and-halve')],
  [nearBaseMultiplication, () => import('../skills/mental/near-base-multiplication')],
  [nearBaseSquare, () => import('../skills/mental/near-base-square')],
  [squareEndingFive, () => import('../skills/mental/square-ending-five')],
  [repunitMultiplication, () => import('../skills/mental/repunit-multiplication')],
  [exactCubeRoot, () => import('../skills/mental/exact-cube-root')],
  [chooseWay, chooseWayAmongAll],
  [factoriseQuadratic, () => import('../skills/algebra/factorise-quadratic')],
  [wordProblem, problemsOfAll]
];

/** A skill that is made of the others: all that are ways of working an operation. */
async function chooseWayAmongAll(): Promise<{ skill: Skill }> {
  const ways = cards.flatMap(({ id, operation }) => (operation ? [id] : []));
  const [{ choosingAmong }] = await Promise.all([
    import('../skills/mental/choose-way'),
    loadSkills(ways)
  ]);
  return { skill: await choosingAmong(ways.map((id) => findSkill(id)!)) };
}

/** Contexts of the department's own: those in which problems are told, and those whose problems are still read. */
export interface OwnContexts {
  readonly told: readonly Context[];
  readonly past: readonly Context[];
}

let ownContexts: () => Promise<OwnContexts> = () => Promise.resolve({ told: [], past: [] });

/** Problems are worked by the other skills, and told in the contexts that come with them and in the department's own. */
async function problemsOfAll(): Promise<{ skill: Skill }> {
  const [{ contexts, problemsWith }, skills, { told, past }] = await Promise.all([
    import('../skills/problems/word-problem'),
    problemArithmetic(),
    ownContexts()
  ]);
  return { skill: problemsWith(skills, { told: [...contexts, ...told], past }) };
}

/** The skills by which problems are worked, loaded. */
export async function problemArithmetic(): Promise<Skill[]> {
  const { arithmeticSkills } = await import('../skills/problems/word-problem');
  await loadSkills(arithmeticSkills);
  return arithmeticSkills.map((id) => findSkill(id)!);
}

/** Says where the department's own contexts come from; problems that are loaded already are told in them from now on. */
export async function tellIn(source: () => Promise<OwnContexts>): Promise<void> {
  ownContexts = source;
  if (findSkill(wordProblem.id)) keepLoaded((await problemsOfAll()).skill);
}

/** What stands on papers like an item of a skill, but is drawn by nobody and in no catalogue. */
const unlisted: typeof entries = [[ownQuestion, () => import('../skills/own-question')]];

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
