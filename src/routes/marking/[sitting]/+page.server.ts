import { answerLine } from '@zealous-quill/core/exams';
import { countedMarks } from '@zealous-quill/core/results';
import { isAnswerOnly } from '@zealous-quill/core/schemes';
import { isMarked } from '@zealous-quill/core/papers';
import { readClass } from '$lib/server/database/people/classes';
import { db } from '$lib/server/database/base/connection';
import { styleOf } from '$lib/server/database/papers/papers';
import { readResponseMarks, readResponses } from '$lib/server/database/marking/responses';
import { listScriptPages } from '$lib/server/database/sittings/script-pages';
import { scriptTotals } from '$lib/server/database/marking/script-totals';
import { readSimulatedWork } from '$lib/server/database/marking/simulated-work';
import { firstUnmarkedItem, readSitting } from '$lib/server/database/sittings/sittings';
import { listScripts } from '$lib/server/database/sittings/scripts';
import { readSat, satForms } from '$lib/server/database/sittings/snapshots';
import { idOf } from '$lib/server/http/form-fields';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** One sheaf of a sitting: all items of one script, or one item on all scripts. */
export const load: PageServerLoad = ({ params, url, cookies }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const { parts, damage } = readSat(db(), sitting.paperId);
  const items = parts.filter((part) => isMarked(part));
  const scripts = listScripts(db(), sitting.id);
  const there = scripts.filter(({ isAbsent }) => !isAbsent);
  const asked = askedFor(url.searchParams, cookies.get(`desk-${sitting.id}`));
  const { by } = asked;
  const script =
    scripts.find(({ id }) => id === asked.script) ??
    there.find(({ markedItems }) => markedItems < items.length) ??
    scripts[0];
  const item =
    items.find(({ id }) => id === asked.item) ??
    firstUnmarkedItem(db(), sitting.id, items) ??
    items[0];
  if (!script || !item) error(404, 'There is nothing to mark here.');
  const where = {
    scripts: by === 'script' ? [script.id] : there.map(({ id }) => id),
    parts: by === 'script' ? items.map(({ id }) => id) : [item.id]
  };
  return {
    sitting,
    damage,
    style: styleOf(db(), sitting.paperId),
    questions: items.map(({ id, label, item }) => ({ id, label, prompt: item.prompt })),
    /** What is marked in this sheaf, on each form; of the print, the desk needs the layout alone. */
    parts: partsOnForms(
      satForms(
        db(),
        sitting.paperId,
        scripts.filter(({ id }) => where.scripts.includes(id)).map(({ formId }) => formId),
        where.parts
      )
    ),
    scripts,
    unmarked: script.pupilId === null ? unmarkedPupils(sitting.classId, scripts) : [],
    by,
    scriptId: script.id,
    itemId: item.id,
    /** Whether one place is asked for, not only a sheaf. */
    isExact: asked.script !== undefined && asked.item !== undefined,
    available: items.reduce((sum, one) => sum + countedMarks(one), 0),
    elsewhere: scriptTotals(
      db(),
      sitting.id,
      items.filter(({ id }) => !where.parts.includes(id))
    ),
    states: readResponses(db(), where),
    /** The marks that were given, which a changed scheme does not take back. */
    kept: Object.fromEntries(
      Object.entries(readResponseMarks(db(), sitting.id)).flatMap(([key, { marks }]) =>
        marks === null ? [] : [[key, marks]]
      )
    ),
    written: readSimulatedWork(db(), where),
    pages: Object.fromEntries(where.scripts.map((id) => [id, listScriptPages(db(), id)]))
  };
};

function partsOnForms(forms: ReturnType<typeof satForms>) {
  return [...forms].flatMap(([formId, { parts }]) =>
    parts.map(({ printed, ...part }) => {
      // What is not worked on paper has a line for its answer.
      const layout = isAnswerOnly(part) ? answerLine(part.item.answer) : printed.layout;
      return { ...part, formId, printed: { layout } };
    })
  );
}

/** The pupils of a class of whom nothing is marked yet: one of them may have written a spare. */
function unmarkedPupils(
  classId: number,
  scripts: readonly { pupilId: number | null; markedItems: number }[]
): { id: number; name: string }[] {
  const marked = scripts.filter(({ markedItems }) => markedItems > 0).map((one) => one.pupilId);
  const { pupils = [] } = readClass(db(), classId) ?? {};
  return pupils.filter(({ id }) => !marked.includes(id)).map(({ id, name }) => ({ id, name }));
}

interface Asked {
  readonly by: 'script' | 'question';
  readonly script: number | undefined;
  readonly item: number | undefined;
}

/** What the address asks for; one that asks for nothing, where the desk was left: `by.script.item`. */
function askedFor(query: URLSearchParams, left: string | undefined): Asked {
  const [by = '', script, item] = query.size === 0 ? (left ?? '').split('.') : [];
  return {
    by: (query.get('by') ?? by) === 'script' ? 'script' : 'question',
    script: idOf(query.get('script') ?? script ?? null),
    item: idOf(query.get('item') ?? item ?? null)
  };
}
