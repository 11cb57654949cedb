import { allStrategiesOf, cards, findListedSkill } from '@zealous-quill/core/catalogue';
import {
  isInHead,
  readCalculation,
  viewItem,
  type Operation,
  type Calculation
} from '@zealous-quill/core/skill';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { run } from '$lib/server/jobs/pool';
import type { PageServerLoad } from './$types';

/** What a sum is shown with before one is typed. */
const EXAMPLE = '198 + 57';

/** The ways of working a typed sum, each worked; and how many sums of its size suit each. */
export const load: PageServerLoad = ({ url }) => {
  const style = readHouseStyle(db());
  const typed = (url.searchParams.get('sum') ?? EXAMPLE).slice(0, 100);
  const sum = readCalculation(typed);
  return {
    style,
    typed,
    isRead: sum !== undefined,
    ways: sum ? waysWorked(sum, style) : [],
    digits: sum ? Math.max(...sum.operands.map(({ length }) => length)) : 0,
    counts: sum ? countsFor(sum) : Promise.resolve([])
  };
};

function waysWorked(sum: Calculation, style: HouseStyle) {
  return allStrategiesOf(sum, style.advice).map((way) => {
    const skill = findListedSkill(way.skill)!;
    const given = skill.given.from!(way.operands);
    return {
      ...way,
      line: skill.given.print(given),
      view: viewItem(skill, given, way.school, style)
    };
  });
}

/** How many sums of a size there are of each mental way, and how many suit it; empty if that takes too long. */
async function countsFor({ operation, operands }: Calculation) {
  const digits = Math.max(...operands.map(({ length }) => length));
  const mental = cardsFor(operation);
  const done = await run('suiting', { skills: mental.map(({ id }) => id), digits });
  if (!done.ok) return [];
  return mental.map(({ id, title }) => {
    const { all, suit } = done.result[id]!;
    return { id, title, all: String(all), suit: String(suit) };
  });
}

const cardsFor = (operation: Operation) =>
  cards.filter((card) => card.operation === operation && isInHead(card));
