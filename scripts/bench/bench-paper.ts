import { isMarked, startLadder } from '@zealous-quill/core/papers';
import { WorkedItem, type Skill } from '@zealous-quill/core/skill';

export const ITEMS = 20;
/** A held pattern could show on so many of them: two at once share these, and one seen once is not named. */
const COULD = 6;

/** Twenty items of the marked rungs of a skill's ladder, drawn several times over: each rung has its share. */
export function paperOf(skill: Skill, school: string): WorkedItem[] {
  const items = [1, 2, 3].flatMap((seed) =>
    startLadder(skill.id, 'bench', { seed: 2026 + seed })
      .rungs.filter(isMarked)
      .flatMap((rung) => rung.items)
  );
  return Array.from({ length: ITEMS }, (_, at) => {
    const { given } = items[Math.floor((at * items.length) / ITEMS)]!;
    return new WorkedItem(skill, given, school);
  });
}

/** The patterns that show often enough on some items for a pupil who holds one to be told. */
export function oftenShown(skill: Skill, items: readonly WorkedItem[]): string[] {
  const shown = items.map((item) => item.showing().map(({ pattern }) => pattern.id));
  return skill.patterns
    .map(({ id }) => id)
    .filter((id) => shown.filter((ids) => ids.includes(id)).length >= COULD);
}
