import { db } from '$lib/server/database/connection';
import { styleOf } from '$lib/server/database/papers';
import { readResponses } from '$lib/server/database/responses';
import { addScriptPage, listScriptPages, pageTypeOf } from '$lib/server/database/script-pages';
import { readSimulatedWork } from '$lib/server/database/simulated-work';
import { firstUnmarkedItem, listScripts, readSitting } from '$lib/server/database/sittings';
import { satItems } from '$lib/server/database/snapshots';
import { idOf } from '$lib/server/forms';
import { error, fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const LARGEST_PAGE = 10 * 1024 * 1024;

/** One sheaf of a sitting: all items of one script, or one item on all scripts. */
export const load: PageServerLoad = ({ params, url }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const items = satItems(db(), sitting.paperId);
  const scripts = listScripts(db(), sitting.id);
  const by = url.searchParams.get('by') === 'script' ? ('script' as const) : ('question' as const);
  const script =
    scripts.find(({ id }) => id === idOf(url.searchParams.get('script'))) ??
    scripts.find(({ markedItems }) => markedItems < items.length) ??
    scripts[0];
  const item =
    items.find(({ id }) => id === idOf(url.searchParams.get('item'))) ??
    firstUnmarkedItem(db(), sitting.id, items) ??
    items[0];
  if (!script || !item) error(404, 'There is nothing to mark here.');
  const where = {
    scripts: by === 'script' ? [script.id] : scripts.map(({ id }) => id),
    parts: by === 'script' ? items.map(({ id }) => id) : [item.id]
  };
  return {
    sitting,
    style: styleOf(db(), sitting.paperId),
    questions: items.map(({ id, number, item }) => ({ id, number, prompt: item.prompt })),
    /** What is marked in this sheaf; of the print, the desk needs the layout alone. */
    parts: items
      .filter(({ id }) => where.parts.includes(id))
      .map(({ printed, ...part }) => ({ ...part, printed: { layout: printed.layout } })),
    scripts,
    by,
    scriptId: script.id,
    itemId: item.id,
    states: readResponses(db(), where),
    written: readSimulatedWork(db(), where),
    pages: Object.fromEntries(where.scripts.map((id) => [id, listScriptPages(db(), id)]))
  };
};

export const actions: Actions = {
  page: async ({ params, request }) => {
    const form = await request.formData();
    const scriptId = idOf(form.get('script')) ?? 0;
    const file = form.get('file');
    const isOurs = listScripts(db(), idOf(params.sitting) ?? 0).some(({ id }) => id === scriptId);
    if (!isOurs || !(file instanceof File) || file.size === 0) {
      return fail(400, { pageProblem: 'Choose a file.' });
    }
    if (file.size > LARGEST_PAGE) return fail(413, { pageProblem: 'A page may have up to 10 MB.' });
    const bytes = Buffer.from(await file.arrayBuffer());
    const type = pageTypeOf(bytes);
    if (!type) return fail(415, { pageProblem: 'A page is a PNG, a JPEG or a PDF file.' });
    addScriptPage(db(), scriptId, type, bytes);
  }
};
