import { problemsOfRung, rungSchema, type Paper, type Rung } from '@zealous-quill/core/papers';
import { asc, eq } from 'drizzle-orm';
import type { Reader, Writer } from '../base/db';
import { parts, questions, sections } from '../base/schema';

/**
 * The rungs of a practice. An item that its skill cannot read is left out, as is a rung whose plan cannot be
 * read; one of two items with the same id is given another. `damage` says so in words.
 */
export function readRungs(db: Reader, paperId: number): { rungs: Rung[]; damage: string[] } {
  const damage: string[] = [];
  const taken = new Set<string>();
  const items = itemsBySection(db, paperId);
  const rungs = db
    .select()
    .from(sections)
    .where(eq(sections.paperId, paperId))
    .orderBy(asc(sections.position))
    .all()
    .flatMap(({ id, key, plan, position }): Rung[] => {
      const own = (items.get(id) ?? []).map((item) => ({ ...item, id: freeId(item.id, taken) }));
      const name = `Rung ${position + 1}`;
      const read = rungSchema.safeParse({ id: key, ...plan, items: own });
      if (!read.success) {
        damage.push(`${name} could not be read and is left out.`);
        return [];
      }
      const problems = problemsOfRung(read.data);
      const lost = new Set(problems.map(({ path }) => (path[0] === 'items' ? path[1] : undefined)));
      if (lost.delete(undefined)) {
        damage.push(`The controls of ${name.toLowerCase()} could not be read; none are set.`);
      }
      if (lost.size > 0) damage.push(`${name}: ${lost.size} items could not be read.`);
      const isSound = !problems.some(({ path }) => path[0] !== 'items');
      const sound = isSound ? read.data : { ...read.data, controls: {}, spread: undefined };
      return [{ ...sound, items: read.data.items.filter((_, at) => !lost.has(at)) }];
    });
  return { rungs, damage };
}

/** Writes the rungs of a paper that has none yet. */
export function writeRungs(db: Writer, paperId: number, rungs: Paper['rungs']): void {
  rungs.forEach(({ id: key, items, ...plan }, position) => {
    const section = db
      .insert(sections)
      .values({ paperId, position, key, plan })
      .returning({ id: sections.id })
      .get();
    items.forEach(({ id, given, locked, edited, scheme }, at) => {
      const question = db
        .insert(questions)
        .values({ sectionId: section.id, position: at })
        .returning({ id: questions.id })
        .get();
      const { kind, skill, school } = plan;
      db.insert(parts)
        .values({
          ...{ questionId: question.id, position: 0, key: id, kind, skill, school, given },
          ...{ locked, edited, scheme: scheme ?? null }
        })
        .run();
    });
  });
}

function itemsBySection(db: Reader, paperId: number): Map<number, Rung['items']> {
  const rows = db
    .select({ sectionId: sections.id, part: parts })
    .from(parts)
    .innerJoin(questions, eq(questions.id, parts.questionId))
    .innerJoin(sections, eq(sections.id, questions.sectionId))
    .where(eq(sections.paperId, paperId))
    .orderBy(asc(questions.position), asc(parts.position))
    .all();
  const items = new Map<number, Rung['items']>();
  for (const { sectionId, part } of rows) {
    const { key: id, given, locked, edited, scheme } = part;
    const item = { id, given, locked, edited, ...(scheme && { scheme }) };
    items.set(sectionId, [...(items.get(sectionId) ?? []), item]);
  }
  return items;
}

/** The id, or one like it that is not taken. */
function freeId(id: string, taken: Set<string>): string {
  let free = id;
  for (let n = 2; taken.has(free); n++) free = `${id}-${n}`;
  taken.add(free);
  return free;
}
