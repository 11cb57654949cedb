import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
import { likelyPatterns } from '@zealous-quill/core/analysis';
import { gradeOf, type Boundary, type Results } from '@zealous-quill/core/results';
import type { SittingSummary } from '../database/sittings/sittings';

/** Slips that go back to the pupils of a sitting, to be cut apart. */
export interface FeedbackDocument {
  readonly paper: HouseStyle['paper'];
  readonly title: string;
  /** Class and day. */
  readonly about: string;
  readonly available: number;
  readonly slips: readonly Slip[];
}

interface Slip {
  readonly name: string;
  readonly total: number;
  /** Where the department has set boundaries and all is marked; else empty. */
  readonly grade: string;
  readonly items: readonly { label: string; marks: string }[];
  /** What was earned in each skill, where the paper has several. */
  readonly skills: readonly { title: string; earned: number; available: number }[];
  /** What to practise, with what to watch out for where that is known. */
  readonly practise: readonly { title: string; watch: string }[];
  /** Where parts first went wrong, with what was written there and what is right. */
  readonly wrong: readonly { label: string; step: string; written: string; right: string }[];
  readonly comments: readonly { label: string; text: string }[];
}

/** Things to practise that are named at most, and the share of the marks of a skill below which it is one. */
const [MOST_PRACTISED, PRACTISED_BELOW] = [3, 0.7] as const;

/** What each pupil who was there earned, item by item and by skill, what to practise, and what the marker says; in the order of the register. */
export function feedbackDocument(
  sitting: Pick<SittingSummary, 'title' | 'className' | 'satOn'>,
  results: Results,
  { style, boundaries = [] }: { style: HouseStyle; boundaries?: readonly Boundary[] }
): FeedbackDocument {
  const { items, pupils, available } = results;
  return {
    paper: style.paper,
    title: sitting.title,
    about: `${sitting.className} · ${dayOf(sitting.satOn)}`,
    available,
    slips: pupils
      .filter(({ isAbsent, outcomes }) => !isAbsent && outcomes.some((outcome) => outcome !== null))
      .map(({ name, total, outcomes, isComplete, evidence }) => ({
        ...{ name, total, grade: isComplete ? gradeOf(boundaries, total) : '' },
        skills: results.skills.length > 1 ? earnedIn(results, outcomes) : [],
        practise: toPractise(results, { outcomes, evidence }),
        items: items.map(({ label, available, withdrawn }, at) => ({
          label,
          marks:
            withdrawn === 'left-out' ? 'left out' : `${outcomes[at]?.awarded ?? '–'} / ${available}`
        })),
        wrong: firstSlips(items, outcomes, style),
        comments: outcomes.flatMap((outcome, at) =>
          outcome?.comment ? [{ label: items[at]!.label, text: outcome.comment }] : []
        )
      }))
  };
}

type Pupil = Results['pupils'][number];

/** Parts of which a slip shows where they went wrong. */
const MOST_SLIPS = 6;

/** Where the parts that did not earn all their marks went wrong first. */
function firstSlips(
  items: Results['items'],
  outcomes: Pupil['outcomes'],
  style: HouseStyle
): Slip['wrong'] {
  return outcomes
    .flatMap((outcome, at) => {
      if (!outcome?.firstSlip || outcome.awarded >= outcome.available) return [];
      const { label: step, written, right } = outcome.firstSlip;
      return [{ label: items[at]!.label, step, written, right: writeText(right, style) }];
    })
    .slice(0, MOST_SLIPS);
}

/** What a pupil earned in each skill, as far as it is marked. */
function earnedIn({ skills, items }: Results, outcomes: Pupil['outcomes']): Slip['skills'] {
  return skills
    .map(({ skill, title }) => {
      const own = outcomes.flatMap((outcome, at) =>
        outcome && items[at]!.skill === skill ? [outcome] : []
      );
      const sum = (of: (outcome: (typeof own)[number]) => number) =>
        own.reduce((total, outcome) => total + of(outcome), 0);
      return {
        title,
        earned: sum(({ awarded }) => awarded),
        available: sum(({ available }) => available)
      };
    })
    .filter(({ available }) => available > 0);
}

/** The skills to practise: first those of errors that a pupil probably holds, then those in which least was earned. */
function toPractise(
  results: Results,
  { outcomes, evidence }: Pick<Pupil, 'outcomes' | 'evidence'>
): Slip['practise'] {
  const titles = new Map(results.skills.map(({ skill, title }) => [skill, title]));
  const held = likelyPatterns(evidence).flatMap(({ pattern }) => {
    const known = results.patterns.find((one) => one.pattern === pattern);
    return known ? [{ title: titles.get(known.skill)!, watch: known.reading }] : [];
  });
  const weak = earnedIn(results, outcomes)
    .filter(({ earned, available }) => earned < PRACTISED_BELOW * available)
    .sort((one, other) => one.earned / one.available - other.earned / other.available)
    .map(({ title }) => ({ title, watch: '' }));
  const named = new Set(held.map(({ title }) => title));
  return [...held, ...weak.filter(({ title }) => !named.has(title))].slice(0, MOST_PRACTISED);
}

function dayOf(isoDate: string): string {
  return new Date(`${isoDate}T12:00`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric'
  });
}
