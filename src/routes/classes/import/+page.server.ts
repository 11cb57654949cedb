import { classListWords, readClassList } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/connection';
import { importPupils, knownPupils, listClasses, readClass } from '$lib/server/database/classes';
import { idOf } from '$lib/server/forms';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const LARGEST = 512 * 1024;

export const load: PageServerLoad = ({ url }) => ({
  classes: listClasses(db()),
  chosen: idOf(url.searchParams.get('class')) ?? null
});

async function csvOf(form: FormData): Promise<string> {
  const file = form.get('file');
  if (file instanceof File && file.size > 0) {
    return file.size > LARGEST ? '' : new TextDecoder().decode(await file.arrayBuffer());
  }
  const text = form.get('csv');
  return typeof text === 'string' && text.length <= LARGEST ? text : '';
}

export const actions: Actions = {
  /** Reads the list and shows what would happen; changes nothing. */
  preview: async ({ request }) => {
    const form = await request.formData();
    const csv = await csvOf(form);
    const classId = idOf(form.get('class')) ?? null;
    if (csv.trim() === '') {
      const problem = 'Choose a file of up to 500 kB, or paste the names.';
      return fail(400, { csv, classId, problem });
    }
    return { csv, classId, preview: read(csv, classId) };
  },
  /** Takes in the lines that can be read; those that cannot stay to be mended. */
  accept: async ({ request }) => {
    const form = await request.formData();
    const csv = await csvOf(form);
    const classId = idOf(form.get('class')) ?? null;
    const { taken, rest } = listOf(csv, classId);
    if (taken.length === 0) return fail(400, { csv, classId, preview: read(csv, classId) });
    const { classes, added } = importPupils(db(), taken);
    if (rest !== '') return { csv: rest, classId, added, preview: read(rest, classId) };
    redirect(303, classes.length === 1 ? `/classes/${classes[0]}` : '/classes');
  }
};

function listOf(csv: string, classId: number | null) {
  const group = classId === null ? undefined : readClass(db(), classId);
  const { lines: taken, ...list } = readClassList(csv, group?.name);
  return { taken, ...list };
}

function read(csv: string, classId: number | null) {
  const { taken, problems, columns } = listOf(csv, classId);
  const known = knownPupils(db(), taken);
  return {
    columns,
    lines: taken.map((line) => ({ ...line, isKnown: known.has(line.line) })),
    problems: problems.map(({ line, code }) => ({ line, text: classListWords[code] }))
  };
}
