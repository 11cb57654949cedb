import { formsOf } from '../exams';
import { defaultHouseStyle, writeText, type HouseStyle } from '../house-style';
import {
  analyseItem,
  drawItems,
  itemsUnder,
  schoolIn,
  type Controls,
  type Item,
  type Skill
} from '../skill';
import { partSeed } from '../spaces';
import { readOut } from './words';

/** Sheets of many bare items, to be worked in the head against the clock. */
export interface QuickAsked {
  readonly controls: Controls;
  /** Items on a sheet. */
  readonly count: number;
  /** Sheets that are as hard as each other, to beat one's time. */
  readonly sets: number;
  readonly seed: number;
}

export interface QuickItem {
  /** The item as it stands on the sheet, and as it is read out. */
  readonly line: string;
  readonly words: string;
  readonly answer: string;
  /** Predicted time. */
  readonly seconds: number;
}

export interface QuickSheets {
  readonly sets: readonly (readonly QuickItem[])[];
  /** Of the first sheet, in logits; the others are as hard in every place. */
  readonly difficulty: number;
  readonly seconds: number;
  /** Places in which a later sheet repeats an item, as there are not so many like it. */
  readonly repeated: number;
}

/** Most items on a sheet and most sheets that are drawn together. */
export const MOST_ITEMS = 60;
export const MOST_SETS = 4;

/**
 * Sheets of different items of a skill; from the second on each place has an item as hard, as long and showing the same
 * errors as on the first. As many items as there are, where there are fewer than asked for; undefined if there are none.
 */
export function quickSheets(
  skill: Skill,
  { controls, count, sets, seed }: QuickAsked,
  style: HouseStyle = defaultHouseStyle
): QuickSheets | undefined {
  const most = Number(itemsUnder(skill, controls).usable);
  if (most === 0) return undefined;
  const drawn = drawItems(skill, {
    ...{ controls, count: Math.min(count, most), allDifferent: true },
    seed: partSeed(seed, 'quick')
  });
  if (!drawn.ok) return undefined;
  const school = schoolIn(skill, style);
  const parts = drawn.given.map((given) => ({
    skill: skill.id,
    given,
    school,
    hold: [],
    controls
  }));
  const { forms, short } = formsOf({ parts, count: sets - 1, seed, avoid: [] });
  const analysed = drawn.given.map((given) => analyseItem(skill, given, { style, school }));
  const further = forms.map((form) =>
    form.map(({ given }) => analyseItem(skill, given, { style, school }))
  );
  const asked = (item: Item): QuickItem => {
    const line = skill.given.print(item.given);
    return {
      line: writeText(line, style),
      words: readOut(line),
      answer: writeText(item.answer, style),
      seconds: item.seconds
    };
  };
  const sum = (of: (item: Item) => number) => analysed.reduce((all, item) => all + of(item), 0);
  return {
    sets: [analysed, ...further].map((items) => items.map(asked)),
    difficulty: sum((item) => item.difficulty) / analysed.length,
    seconds: sum((item) => item.seconds),
    repeated: sets > 1 ? short.length : 0
  };
}
