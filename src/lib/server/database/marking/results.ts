import {
  likelyPatterns,
  pupilEvidence,
  type Observation,
  type PatternEvidence,
  type PupilEvidence,
  type UnknownError
} from '@zealous-quill/core/analysis';
import { availableMarks } from '@zealous-quill/core/schemes';
import { type Attempt, type Response } from '@zealous-quill/core/marking';
import { isMarked } from '@zealous-quill/core/papers';
import { patternKey, skillOf, titleIn } from '@zealous-quill/core/skill';
import { keepRecent } from '@zealous-quill/core/spaces';
import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Db } from '../base/db';
import { styleOf } from '../papers/papers';
import { ROUND } from '../tables/marking';
import { decisions, markings, marks, responses, scripts, type Outcome } from '../base/schema';
import { listScripts } from '../sittings/scripts';
import { isUnused } from '../sittings/spares';
import type { Withdrawal } from '../exams/scheme-versions';
import { readSat, type SatItem } from '../sittings/snapshots';

interface ResultItem {
  readonly id: number;
  readonly number: number;
  readonly label: string;
  readonly withdrawn: Withdrawal;
  readonly skill: string;
  readonly prompt: string;
  readonly answer: string;
  readonly available: number;
  /** Share of the marks that were earned by those marked, 0 to 1; null if nobody is marked. */
  readonly facility: number | null;
}

/** What a page of results shows of an item. */
type ItemOutcome = Pick<Outcome, 'awarded' | 'available' | 'didShow' | 'isSlip'> & {
  readonly attempt: Attempt;
  readonly comment: string;
};

export interface ResultPupil {
  readonly scriptId: number;
  readonly sittingId: number;
  /** What the form of the script is called; empty where there is one only. */
  readonly form: string;
  readonly name: string;
  /** Outcomes in the order of the items; null where not marked yet. */
  readonly outcomes: readonly (ItemOutcome | null)[];
  readonly total: number;
  /** How much of the total was changed by hand. */
  readonly changed: number;
  readonly isComplete: boolean;
  /** The pupil was not there: nothing is expected of the script. */
  readonly isAbsent: boolean;
  /** Of the patterns that showed at least once. */
  readonly evidence: readonly PatternEvidence[];
  /** What the items are called at which something else goes wrong steadily, of which there is no pattern. */
  readonly unknown: readonly string[];
}

interface PatternSummary {
  /** Its key with the skill. */
  readonly pattern: string;
  readonly id: string;
  readonly skill: string;
  readonly title: string;
  /** The title with its skill, where the paper has several: what it is called in tables. */
  readonly label: string;
  /** What is done wrong, in a sentence. */
  readonly reading: string;
  readonly could: number;
  readonly did: number;
  /** Pupils who probably hold it, or one that is as likely. */
  readonly pupils: number;
}

/** What a paper asks of one skill, and how much of it the class earned. */
interface SkillSummary {
  readonly skill: string;
  readonly school: string;
  readonly title: string;
  readonly items: number;
  readonly available: number;
  readonly facility: number | null;
}

export interface Results {
  readonly skills: readonly SkillSummary[];
  readonly items: readonly ResultItem[];
  readonly pupils: readonly ResultPupil[];
  readonly patterns: readonly PatternSummary[];
  readonly available: number;
  /** What of the paper can no longer be read, in words. */
  readonly damage: readonly string[];
}

/** Pupils by items, and error patterns by pupil and for the class, of one sitting of a paper or of several together. */
export function readResults(
  db: Db,
  sittingIds: number | readonly number[],
  paperId: number
): Results {
  const ids = [sittingIds].flat();
  const { parts, damage } = readSat(db, paperId);
  const items = parts.filter((part) => isMarked(part));
  const style = styleOf(db, paperId);
  const outcomes = outcomesOf(db, ids);
  const availableOf = ({ scheme, withdrawn }: SatItem) =>
    withdrawn === 'left-out' ? 0 : availableMarks(scheme);
  const changed = changedOf(db, ids);
  const all = ids.flatMap((sittingId) =>
    listScripts(db, sittingId)
      .filter((script) => !isUnused(script))
      .map((script) => ({ ...script, sittingId }))
  );
  const worked = all.map((script) => {
    const own = items.map((item) =>
      counted(item, outcomes.get(`${script.id}/${item.id}`) ?? null, script.isAbsent)
    );
    const { patterns, unknown } = evidenceOf(observationsOf(own));
    return { script, own, evidence: patterns, unknown };
  });
  const pupils = worked.map(({ script, own, evidence, unknown }): ResultPupil => {
    const marked = own.filter((outcome) => outcome !== null);
    return {
      ...{ scriptId: script.id, sittingId: script.sittingId, form: script.form, name: script.name },
      outcomes: own.map((outcome) => outcome && shownOf(outcome)),
      total: marked.reduce((sum, { awarded }) => sum + awarded, 0),
      changed: changed.get(script.id) ?? 0,
      isComplete: script.isAbsent || marked.length === items.length,
      isAbsent: script.isAbsent,
      evidence: evidence.filter(({ did }) => did > 0),
      unknown: unknownItems(own, unknown).map((at) => items[at]!.label)
    };
  });
  const evidence = worked.flatMap((one) => one.evidence);
  const likely = worked.flatMap((one) => likelyPatterns(one.evidence));
  const canShow = new Set([
    ...items.flatMap(({ item }) => item.errorPatterns.map(({ id }) => patternKey(item.skill, id))),
    ...[...outcomes.values()].flatMap(({ couldShow }) => couldShow)
  ]);
  const skills = [...new Set(items.map(({ item }) => item.skill))].map(skillOf);
  return {
    items: items.map(({ id, number, label, withdrawn, item }, at) => ({
      ...{ id, number, label, withdrawn },
      skill: item.skill,
      prompt: item.prompt,
      answer: item.answer,
      available: availableOf(items[at]!),
      facility: facility(pupils.map(({ outcomes }) => outcomes[at] ?? null))
    })),
    pupils,
    skills: skills.map((skill) => {
      const own = items.flatMap((one, at) =>
        one.item.skill === skill.id
          ? [{ at, school: one.item.school, marks: availableOf(one) }]
          : []
      );
      return {
        ...{ skill: skill.id, title: skill.title, school: own[0]!.school, items: own.length },
        available: own.reduce((sum, { marks }) => sum + marks, 0),
        facility: facility(
          own.flatMap(({ at }) => pupils.map(({ outcomes }) => outcomes[at] ?? null))
        )
      };
    }),
    available: items.reduce((sum, item) => sum + availableOf(item), 0),
    damage,
    patterns: skills.flatMap((skill) =>
      skill.patterns
        .filter(({ id }) => canShow.has(patternKey(skill.id, id)))
        .map((pattern) => {
          const title = titleIn(pattern.title, style);
          return {
            ...{ id: pattern.id, skill: skill.id, title, reading: titleIn(pattern.reading, style) },
            label: skills.length > 1 ? `${title} (${skill.title.toLowerCase()})` : title,
            ...summary(patternKey(skill.id, pattern.id), evidence, likely)
          };
        })
    )
  };
}

/** An outcome as it counts: of a part that is withdrawn nothing, or full marks for everyone who was there. */
function counted(
  { withdrawn, scheme }: SatItem,
  outcome: Marked | null,
  isAbsent: boolean
): Marked | null {
  if (withdrawn === 'no' || isAbsent) return outcome;
  const available = withdrawn === 'left-out' ? 0 : availableMarks(scheme);
  return { ...(outcome ?? unmarked), awarded: available, available };
}

/** What stands for a part that nobody has to mark. */
const unmarked: Marked = {
  ...{ awarded: 0, proposed: 0, available: 0, verdict: 'blank', attempt: 'written', comment: '' },
  ...{ couldShow: [], didShow: [], flags: [] }
};

/** Results are looked at again and again, by pupil, by item and as feedback: what is weighed once is kept. */
const keptEvidence = keepRecent<PupilEvidence>(500);

const evidenceOf = (observations: readonly Observation[]): PupilEvidence =>
  keptEvidence(JSON.stringify(observations), () => pupilEvidence(observations));

function observationsOf(own: readonly (Outcome | null)[]): Observation[] {
  return own
    .filter((outcome) => outcome !== null)
    .map(({ couldShow, didShow, verdict }) => ({
      couldShow,
      didShow,
      right: verdict === 'correct'
    }));
}

/** A steady error is worth telling from so many items on. */
const FEWEST_ODD = 3;

/** The places of the items at which something unknown goes wrong steadily; none if nothing does. */
function unknownItems(
  own: readonly (Outcome | null)[],
  unknown: readonly UnknownError[]
): number[] {
  const places = own.flatMap((outcome, at) => (outcome === null ? [] : [at]));
  const told = unknown.filter(
    ({ probability, items }) => probability >= 0.5 && items.length >= FEWEST_ODD
  );
  return [...new Set(told.flatMap(({ items }) => items.map((at) => places[at]!)))].sort(
    (one, other) => one - other
  );
}

function shownOf({ awarded, available, didShow, isSlip, attempt, comment }: Marked): ItemOutcome {
  return { awarded, available, didShow, attempt, comment, ...(isSlip && { isSlip }) };
}

function summary(
  pattern: string,
  evidence: readonly PatternEvidence[],
  likely: readonly PatternEvidence[]
) {
  const isIt = (one: PatternEvidence) => one.pattern === pattern;
  const seen = evidence.filter(isIt);
  return {
    pattern,
    could: seen.reduce((sum, { could }) => sum + could, 0),
    did: seen.reduce((sum, { did }) => sum + did, 0),
    pupils: likely.filter(isIt).length
  };
}

function facility(outcomes: readonly (ItemOutcome | null)[]): number | null {
  const marked = outcomes.filter((outcome) => outcome !== null);
  const available = marked.reduce((sum, outcome) => sum + outcome.available, 0);
  return available === 0 ? null : marked.reduce((sum, { awarded }) => sum + awarded, 0) / available;
}

/** What marking made of a response, with how it was attempted and what the marker says of it. */
type Marked = Outcome & Pick<Response, 'attempt' | 'comment'>;

function outcomesOf(db: Db, sittingIds: readonly number[]): Map<string, Marked> {
  const rows = db
    .select({
      scriptId: markings.scriptId,
      partId: responses.partId,
      outcome: responses.outcome,
      attempt: responses.attempt,
      comment: responses.comment
    })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(
      and(
        inArray(scripts.sittingId, [...sittingIds]),
        eq(scripts.isAbsent, false),
        eq(responses.isMarked, true)
      )
    )
    .all();
  return new Map(
    rows.map(({ scriptId, partId, outcome, attempt, comment }) => [
      `${scriptId}/${partId}`,
      { ...outcome!, attempt: attempt as Attempt, comment }
    ])
  );
}

/** By script, how many marks the decisions that stand moved from the proposals. */
function changedOf(db: Db, sittingIds: readonly number[]): Map<number, number> {
  const newest = sql`(select max(later.id) from ${decisions} later
    where later."responseId" = ${marks.responseId} and later.mark = ${marks.mark})`;
  const rows = db
    .select({
      scriptId: markings.scriptId,
      changed: sql<number>`coalesce(sum(abs(${decisions.given} - ${marks.proposed})), 0)`
    })
    .from(marks)
    .innerJoin(decisions, eq(decisions.id, newest))
    .innerJoin(responses, eq(responses.id, marks.responseId))
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(inArray(scripts.sittingId, [...sittingIds]))
    .groupBy(markings.scriptId)
    .all();
  return new Map(rows.map(({ scriptId, changed }) => [scriptId, changed]));
}
