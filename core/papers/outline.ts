import { revealed, type Revealed } from '../analysis';
import { patternKey, skillOf } from '../skill';
import type { HouseStyle, Timing } from '../house-style';
import { paperMinutes } from './minutes';
import { factsIn, factsKey, type Facts, type ItemFacts } from './facts';
import { isMarked } from './kinds';
import type { Paper, PaperItem, Rung } from './paper';

/** One item of a paper with its number, marks and what is computed of it. */
export interface NumberedItem {
  readonly number: number;
  readonly rung: Rung;
  readonly entry: PaperItem;
  readonly facts: ItemFacts;
  readonly marks: number;
}

/** What a paper amounts to. */
export interface Outline {
  readonly items: readonly NumberedItem[];
  readonly marks: number;
  /** Predicted time in whole minutes, rounded up. */
  readonly minutes: number;
  readonly reveals: Revealed;
}

/** The error patterns of each skill, by their ids. */
export type PatternIds = (skill: string) => readonly string[];

/** The outline of a paper whose skills are loaded, in a house style. */
export function outline(paper: Paper, style: HouseStyle): Outline {
  const patternIds = (skill: string) => skillOf(skill).patterns.map(({ id }) => id);
  return outlineFrom(paper, factsIn(paper, { style }), { patternIds, timing: style.timing });
}

/**
 * The items in order, numbered, with marks, time and the error patterns they would reveal; items whose facts
 * are not known yet are left out.
 */
export function outlineFrom(
  paper: Paper,
  facts: Facts,
  { patternIds, timing }: { readonly patternIds: PatternIds; readonly timing: Timing }
): Outline {
  const items = paper.rungs
    .flatMap((rung) => rung.items.map((entry) => ({ rung, entry })))
    .flatMap(({ rung, entry }, at): NumberedItem[] => {
      const found = facts[factsKey(rung, entry)];
      const marks = found && isMarked(rung) ? found.marks : 0;
      return found ? [{ number: at + 1, rung, entry, facts: found, marks }] : [];
    });
  const skills = [...new Set(paper.rungs.map(({ skill }) => skill))];
  const patterns = skills.flatMap((skill) => patternIds(skill).map((id) => patternKey(skill, id)));
  return {
    items,
    marks: items.reduce((sum, { marks }) => sum + marks, 0),
    minutes: paperMinutes(
      items.map(({ rung, facts }) => ({ kind: rung.kind, seconds: facts.seconds })),
      timing
    ),
    reveals: revealed(
      patterns,
      items
        .filter(({ rung }) => isMarked(rung))
        .map(({ rung, facts }) => ({
          right: facts.answer,
          patterns: facts.patterns.map(({ id, answer }) => ({
            id: patternKey(rung.skill, id),
            answer
          }))
        }))
    )
  };
}
