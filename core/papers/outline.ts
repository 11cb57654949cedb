import { revealed, type Revealed } from '../analysis';
import { availableMarks, type Scheme } from '../marking/scheme';
import { analyseItem, patternKey, skillOf, type Item } from '../skills';
import { isMarked } from './ladder';
import type { Paper, PaperItem, Rung } from './paper';

/** One item of a paper with its number, marks and what is computed of it. */
export interface NumberedItem {
  readonly number: number;
  readonly rung: Rung;
  readonly entry: PaperItem;
  readonly item: Item;
  readonly marks: number;
}

/** What a paper amounts to. */
export interface Outline {
  readonly items: readonly NumberedItem[];
  readonly marks: number;
  /** Predicted working time in whole minutes, rounded up. */
  readonly minutes: number;
  readonly reveals: Revealed;
}

/** The items in order, numbered, with marks, time and the error patterns they would reveal. */
export function outline(paper: Paper): Outline {
  const items = paper.rungs
    .flatMap((rung) => rung.items.map((entry) => ({ rung, entry })))
    .map(({ rung, entry }, at) => ({
      number: at + 1,
      rung,
      entry,
      item: analyseItem(skillOf(rung.skill), entry.given, { school: rung.school }),
      marks: isMarked(rung) ? availableMarks(schemeOf(rung, entry)) : 0
    }));
  const marked = items.filter(({ rung }) => isMarked(rung));
  const skills = [...new Set(paper.rungs.map(({ skill }) => skill))].map(skillOf);
  const patterns = skills.flatMap((skill) =>
    skill.errorPatterns.map(({ id }) => patternKey(skill.id, id))
  );
  return {
    items,
    marks: items.reduce((sum, { marks }) => sum + marks, 0),
    minutes: Math.ceil(items.reduce((sum, { item }) => sum + item.seconds, 0) / 60),
    reveals: revealed(
      patterns,
      marked.map(({ item }) => ({
        right: item.answer,
        patterns: item.errorPatterns.map(({ id, answer }) => ({
          id: patternKey(item.skill, id),
          answer
        }))
      }))
    )
  };
}

/** The scheme an item is marked by: its own, else its skill's. */
export function schemeOf(rung: Rung, entry: PaperItem): Scheme {
  return entry.scheme ?? skillOf(rung.skill).scheme(entry.given, rung.school);
}
