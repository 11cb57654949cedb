import { patternKey } from '../skill';
import type { Totals } from './assemble';
import type { Exam } from './exam-schema';
import { type PlacedPart, placedParts } from './exam';
import { bandOf, bands, type Band } from './part-class';
import { partKey, type ExamFacts, type PartFacts } from './paper-part';

/** A part with its place and what is computed of it. */
export interface OutlinedPart extends PlacedPart {
  readonly facts: PartFacts;
  readonly band: Band;
}

/** What an exam amounts to; difficulty and time are estimates. */
export interface ExamOutline {
  readonly parts: readonly OutlinedPart[];
  readonly totals: Omit<Totals, 'patterns'>;
  /** Marks by skill, in the order in which skills come first. */
  readonly bySkill: readonly { readonly skill: string; readonly marks: number }[];
  /** On how many parts each error pattern would show, by its key with the skill. */
  readonly patterns: Readonly<Record<string, number>>;
}

/**
 * The parts in order with what they come to, by what is known of them as they are, or by their ids of before; parts of
 * which nothing is known are left out.
 */
export function examOutline(exam: Pick<Exam, 'sections'>, known: ExamFacts): ExamOutline {
  const parts = placedParts(exam).flatMap((placed): OutlinedPart[] => {
    // Until it is worked out what has changed of a part, it is what it was.
    const facts = known[partKey(placed.part)] ?? known[placed.part.id];
    const band = facts && bandOf({ difficulty: Math.round(100 * facts.difficulty) });
    return facts && band ? [{ ...placed, facts, band }] : [];
  });
  const sum = (count: (facts: PartFacts) => number) =>
    parts.reduce((total, { facts }) => total + count(facts), 0);
  const marks = sum((facts) => facts.marks);
  const share = (band: Band) =>
    parts.reduce((total, one) => total + (one.band === band ? one.facts.marks : 0), 0) /
    Math.max(1, marks);
  const [easy, middling, hard] = bands.map(share) as [number, number, number];
  const skills = [...new Set(parts.map(({ part }) => part.skill))];
  const shown = parts.flatMap(({ part, facts }) =>
    facts.patterns.map(({ id }) => patternKey(part.skill, id))
  );
  return {
    parts,
    totals: {
      ...{ marks, easy, middling, hard, minutes: sum((facts) => facts.seconds) / 60 },
      mean: sum((facts) => facts.marks * facts.difficulty) / Math.max(1, marks)
    },
    bySkill: skills.map((skill) => ({
      skill,
      marks: parts.reduce(
        (total, { part, facts }) => total + (part.skill === skill ? facts.marks : 0),
        0
      )
    })),
    patterns: Object.fromEntries(
      [...new Set(shown)].map((key) => [key, shown.filter((one) => one === key).length])
    )
  };
}
