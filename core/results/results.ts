import { likelyPatterns, type PatternEvidence } from '../analysis';
import type { HouseStyle } from '../house-style';
import { patternKey, skillOf, titleIn, type Skill } from '../skill';
import { countedMarks, facilityOf, type Withdrawal } from './outcome';
import { pupilOf, type MarkedScript, type ResultPupil } from './pupil';
import type { SatPart } from './sat-part';

export interface ResultItem {
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

/** What an error pattern did in a class. */
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
  /** Items at which it could have shown, and at which it did, over all pupils. */
  readonly could: number;
  readonly did: number;
  /** Pupils who probably hold it, or one that is as likely. */
  readonly pupils: number;
}

/** What a paper asks of one skill, and how much of it the class earned. */
export interface SkillSummary {
  readonly skill: string;
  readonly school: string;
  readonly title: string;
  readonly items: number;
  readonly available: number;
  readonly facility: number | null;
}

/** Pupils by items, and error patterns by pupil and for the class. */
export interface Results {
  readonly skills: readonly SkillSummary[];
  readonly items: readonly ResultItem[];
  readonly pupils: readonly ResultPupil[];
  readonly patterns: readonly PatternSummary[];
  /** Marks of the whole paper. */
  readonly available: number;
}

/**
 * The results of one sitting of a paper, or of several together: its parts, and the scripts as they were marked. The
 * skills of the parts must be loaded; `style` is that in which patterns are named.
 */
export function resultsOf(
  parts: readonly SatPart[],
  scripts: readonly MarkedScript[],
  style: HouseStyle
): Results {
  const worked = scripts.map((script) => pupilOf(parts, script));
  const pupils = worked.map(({ pupil }) => pupil);
  const skills = [...new Set(parts.map(({ item }) => item.skill))].map(skillOf);
  return {
    ...{ pupils, available: sumOf(parts.map(countedMarks)) },
    items: parts.map((part, at) => itemOf(part, outcomesAt(pupils, at))),
    skills: skills.map((skill) => skillSummary(skill, parts, pupils)),
    patterns: patternSummaries(skills, { parts, scripts, style }, worked)
  };
}

const sumOf = (numbers: readonly number[]) => numbers.reduce((sum, one) => sum + one, 0);

const outcomesAt = (pupils: readonly ResultPupil[], at: number) =>
  pupils.map(({ outcomes }) => outcomes[at] ?? null);

function itemOf(part: SatPart, outcomes: Parameters<typeof facilityOf>[0]): ResultItem {
  const { id, number, label, withdrawn, item } = part;
  const { skill, prompt, answer } = item;
  return {
    ...{ id, number, label, withdrawn, skill, prompt, answer },
    ...{ available: countedMarks(part), facility: facilityOf(outcomes) }
  };
}

function skillSummary(
  { id, title }: Skill,
  parts: readonly SatPart[],
  pupils: readonly ResultPupil[]
): SkillSummary {
  const places = [...parts.keys()].filter((at) => parts[at]!.item.skill === id);
  const own = places.map((at) => parts[at]!);
  return {
    ...{ skill: id, title, school: own[0]!.item.school, items: own.length },
    available: sumOf(own.map(countedMarks)),
    facility: facilityOf(places.flatMap((at) => outcomesAt(pupils, at)))
  };
}

interface Sat {
  readonly parts: readonly SatPart[];
  readonly scripts: readonly MarkedScript[];
  readonly style: HouseStyle;
}

/** The patterns that could show somewhere, in the order in which their skills tell them. */
function patternSummaries(
  skills: readonly Skill[],
  { parts, scripts, style }: Sat,
  worked: readonly { evidence: readonly PatternEvidence[] }[]
): PatternSummary[] {
  const evidence = worked.flatMap((one) => one.evidence);
  const likely = worked.flatMap((one) => likelyPatterns(one.evidence));
  const canShow = new Set([
    ...parts.flatMap(({ item }) => item.errorPatterns.map(({ id }) => patternKey(item.skill, id))),
    ...scripts.flatMap(({ outcomes }) => outcomes.flatMap((outcome) => outcome?.couldShow ?? []))
  ]);
  return skills.flatMap((skill) =>
    skill.patterns.flatMap(({ id, title: titles, reading }) => {
      const pattern = patternKey(skill.id, id);
      if (!canShow.has(pattern)) return [];
      const title = titleIn(titles, style);
      const seen = evidence.filter((one) => one.pattern === pattern);
      return {
        ...{ pattern, id, skill: skill.id, title, reading: titleIn(reading, style) },
        label: skills.length > 1 ? `${title} (${skill.title.toLowerCase()})` : title,
        could: sumOf(seen.map(({ could }) => could)),
        did: sumOf(seen.map(({ did }) => did)),
        pupils: likely.filter((one) => one.pattern === pattern).length
      };
    })
  );
}
