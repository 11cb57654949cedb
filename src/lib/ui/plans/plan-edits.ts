import type { Blueprint, BlueprintRow } from '@zealous-quill/core/exams';
import { splitPatternKey } from '@zealous-quill/core/skill';

/** A class whose items of so many last weeks are not asked again. */
export interface Unmet {
  readonly classId: number;
  readonly weeks: number;
}

/** A value without what is not said any more. */
export function tidy<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, own]) => own !== undefined)) as T;
}

/** Another section at the end; the first takes all rows, so that none stands beside the sections. */
export function withSection(plan: Blueprint): Blueprint {
  const sections = plan.sections ?? [];
  const id = [...'ABCDEFGHIJ'].find((letter) => sections.every((one) => one.id !== letter));
  if (id === undefined) return plan;
  const rows = sections.length > 0 ? plan.rows : plan.rows.map((row) => ({ ...row, section: id }));
  return { ...plan, rows, sections: [...sections, { id }] };
}

/** Without a section; its rows go to the one before it, or the next one. */
export function withoutSection(plan: Blueprint, id: string): Blueprint {
  const sections = plan.sections ?? [];
  const at = sections.findIndex((one) => one.id === id);
  const left = sections.filter((one) => one.id !== id);
  const section = (sections[at - 1] ?? sections[at + 1])?.id;
  return tidy({
    ...plan,
    rows: plan.rows.map((row) => (row.section === id ? tidy({ ...row, section }) : row)),
    sections: left.length > 0 ? left : undefined
  });
}

/** A row with another skill beside those it has, as a rung of its ladder asks for it. */
export function withSkill(
  row: BlueprintRow,
  skill: string,
  controls: NonNullable<BlueprintRow['controls']>[string]
): BlueprintRow {
  if (row.skills.includes(skill)) return row;
  return {
    ...row,
    skills: [...row.skills, skill],
    controls: { ...row.controls, [skill]: controls }
  };
}

/** A row without one of its skills; the last stays. */
export function withoutSkill(row: BlueprintRow, skill: string): BlueprintRow {
  if (row.skills.length < 2) return row;
  const left = Object.entries(row.controls ?? {}).filter(([one]) => one !== skill);
  return {
    ...row,
    skills: row.skills.filter((one) => one !== skill),
    controls: Object.fromEntries(left)
  };
}

/** Without the lines about patterns of skills that no row asks for any more. */
export function withoutIdlePatterns(plan: Blueprint): Blueprint {
  const asked = plan.rows.flatMap(({ skills }) => skills);
  const left = Object.entries(plan.patterns ?? {}).filter(([key]) =>
    asked.includes(splitPatternKey(key).skill)
  );
  return tidy({ ...plan, patterns: left.length > 0 ? Object.fromEntries(left) : undefined });
}

/** What a row of each skill can start from: the rungs of its ladder. */
export type Ladders = Readonly<
  Record<
    string,
    readonly {
      readonly controls: NonNullable<BlueprintRow['controls']>[string];
    }[]
  >
>;

/** The rung in the middle of a ladder is what a row starts from. */
export const usualRung = (ladders: Ladders, skill: string) =>
  Math.min(3, (ladders[skill]?.length ?? 1) - 1);
