import { classListWords, readClassList } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/connection';
import { importPupils, knownPupils, listClasses, readClass } from '$lib/server/database/classes';
import { idOf, textOf } from '$lib/server/forms';
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

/** The class that every line goes into, if the form names one, old or new. */
interface Into {
  readonly classId: number | null;
  readonly newClass: string;
}

const intoOf = (form: FormData): Into => ({
  classId: idOf(form.get('class')) ?? null,
  newClass: textOf(form, 'newClass')
});

export const actions: Actions = {
  /** Reads the list and shows what would happen; changes nothing. */
  preview: async ({ request }) => {
    const form = await request.formData();
    const csv = await csvOf(form);
    const into = intoOf(form);
    if (csv.trim() === '') {
      const problem = 'Choose a file of up to 500 kB, or paste the names.';
      return fail(400, { csv, ...into, problem });
    }
    return { csv, ...into, preview: read(csv, into) };
  },
  /** Takes in the lines that can be read; those that cannot stay to be mended. */
  accept: async ({ request }) => {
    const form = await request.formData();
    const csv = await csvOf(form);
    const into = intoOf(form);
    const { taken, rest } = listOf(csv, into);
    if (taken.length === 0) return fail(400, { csv, ...into, preview: read(csv, into) });
    const { classes, added } = importPupils(db(), taken);
    if (rest !== '') return { csv: rest, ...into, added, preview: read(rest, into) };
    redirect(303, classes.length === 1 ? `/classes/${classes[0]}` : '/classes');
  }
};

function listOf(csv: string, { classId, newClass }: Into) {
  const group = classId === null ? undefined : readClass(db(), classId);
  const { lines: taken, ...list } = readClassList(csv, group?.name ?? (newClass || undefined));
  return { taken, ...list };
}

function read(csv: string, into: Into) {
  const { taken, problems, columns } = listOf(csv, into);
  const known = knownPupils(db(), taken);
  return {
    columns,
    lines: taken.map((line) => ({ ...line, isKnown: known.has(line.line) })),
    problems: problems.map(({ line, code }) => ({ line, text: classListWords[code] }))
  };
}
