import { availableMarks } from '../schemes';
import type { Paper, Rung } from '../papers';
import { itemsUnder, skillOf, type Controls } from '../skill';
import { OWN_QUESTION } from '../catalogue';
import type { OwnQuestion } from '../skills/own-question';
import type { Blueprint, BlueprintRow, PartKind } from './blueprint';
import type { ExamOutline, OutlinedPart } from './outline';

/** Hundredths a difficulty may be off what an existing paper has. */
const LEEWAY = 0.25;
/** Share of the marks by which easy, middling and hard ones may differ. */
const SHARE_LEEWAY = 0.1;

/**
 * A plan that an existing exam meets: as many marks, and for each skill and presentation in a section as many parts,
 * of items that are as hard.
 */
export function planOfExam(
  sections: readonly { readonly id: string; readonly calculator: boolean }[],
  { parts, totals }: ExamOutline,
  seed: number
): Blueprint {
  const groups = new Map<string, OutlinedPart[]>();
  for (const part of parts) {
    const key = JSON.stringify([
      part.section.id,
      part.part.skill,
      part.part.kind,
      part.part.school
    ]);
    groups.set(key, [...(groups.get(key) ?? []), part]);
  }
  const isSectioned = sections.length > 1;
  return {
    total: totals.marks,
    minutes: { max: Math.ceil(totals.minutes) },
    difficulty: {
      easy: around(totals.easy),
      middling: around(totals.middling),
      hard: around(totals.hard)
    },
    ...(isSectioned && { sections: sections.map(({ id, calculator }) => ({ id, calculator })) }),
    rows: [...groups.values()]
      .flatMap((own) =>
        own[0]!.part.skill === OWN_QUESTION
          ? own.map((one) => ownRow(one, isSectioned))
          : [itemRow(own, isSectioned)]
      )
      .map((row, at) => ({ ...row, id: `r${at + 1}` })),
    ...{ rising: true, seed }
  };
}

const around = (share: number) => ({
  min: Math.max(0, rounded(share - SHARE_LEEWAY)),
  max: Math.min(1, rounded(share + SHARE_LEEWAY))
});
const rounded = (value: number) => Math.round(100 * value) / 100;

type Row = Omit<BlueprintRow, 'id'>;

function itemRow(own: readonly OutlinedPart[], isSectioned: boolean): Row {
  const [{ part, section }] = own as [OutlinedPart, ...OutlinedPart[]];
  const difficulties = own.map(({ facts }) => facts.difficulty);
  const count = own.length;
  return {
    ...{ skills: [part.skill], kind: part.kind, school: part.school },
    controls: { [part.skill]: rangesOf(part.skill, own) },
    ...(isSectioned && { section: section.id }),
    parts: { min: count, max: count },
    difficulty: {
      min: Math.max(-4, rounded(Math.min(...difficulties) - LEEWAY)),
      max: Math.min(4, rounded(Math.max(...difficulties) + LEEWAY))
    }
  };
}

/** Controls within which some items of a skill lie, by the features that make them hard. */
function rangesOf(id: string, own: readonly OutlinedPart[]): NonNullable<Row['controls']>[string] {
  const { features, weights } = skillOf(id);
  const told = features.filter((one) => one.kind === 'number' && one.id in weights.difficulty);
  return Object.fromEntries(
    told.map((feature) => {
      const values = own.map(({ facts }) => Number(facts.features[feature.id]));
      return [feature.id, { min: Math.min(...values), max: Math.max(...values) }];
    })
  );
}

function ownRow({ part, section }: OutlinedPart, isSectioned: boolean): Row {
  const { marks, minutes, difficulty } = part.given as OwnQuestion;
  return {
    ...{ skills: [], kind: 'own' as const, own: { marks, minutes, difficulty } },
    ...(isSectioned && { section: section.id })
  };
}

/** How what pupils do on their own in a practice is presented in an exam. */
const kindOf: Partial<Record<Rung['kind'], PartKind>> = {
  'set-out': 'set-out',
  bare: 'bare',
  harder: 'set-out',
  challenge: 'show-working'
};

/** A plan of what a practice asks pupils to do on their own: as many items under the same controls; undefined if it asks nothing. */
export function planOfPractice({ rungs }: Paper, seed: number): Blueprint | undefined {
  const marked = rungs.filter(({ kind, items }) => kindOf[kind] && items.length > 0);
  if (marked.length === 0) return undefined;
  const rows = marked.map(({ kind, skill, school, controls, spread, items }, at): BlueprintRow => {
    const isSpread =
      spread !== undefined && !itemsUnder(skillOf(skill), controls as Controls).isEmpty;
    return {
      ...{ id: `r${at + 1}`, skills: [skill], kind: kindOf[kind]!, school },
      controls: { [skill]: controls },
      ...(isSpread ? { spread } : { parts: { min: items.length, max: items.length } })
    };
  });
  const total = marked.reduce((sum, { kind, skill, school, items }) => {
    const isAnswerOnly = kindOf[kind] === 'bare';
    const marksOf = (given: unknown) => availableMarks(skillOf(skill).scheme(given, school));
    return sum + items.reduce((all, { given }) => all + (isAnswerOnly ? 1 : marksOf(given)), 0);
  }, 0);
  return { total, rows, rising: true, seed };
}

/** A plan's name from what it was made of. */
export const planName = (title: string) => `${title}, as planned`.slice(0, 120);
