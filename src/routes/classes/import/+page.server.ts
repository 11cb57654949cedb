import { classListWords, MOST_LINES, readClassList } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/base/connection';
import { importPupils, knownPupils } from '$lib/server/database/people/import-pupils';
import { listClasses, readClass } from '$lib/server/database/people/classes';
import { idOf, textOf } from '$lib/server/http/form-fields';
import {
  codingOf,
  codings,
  codingWords,
  decodeText,
  type Coding
} from '$lib/server/http/text-coding';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const LARGEST = 512 * 1024;

export const load: PageServerLoad = ({ url }) => ({
  classes: listClasses(db()),
  codings: codings.map((coding) => [coding, codingWords[coding]] as const),
  chosen: idOf(url.searchParams.get('class')) ?? null
});

/** A list that was sent, and how its bytes were read; null for one that was pasted. */
interface Sent {
  readonly csv: string;
  readonly coding: Coding | null;
}

async function sentList(form: FormData): Promise<Sent> {
  const file = form.get('file');
  if (file instanceof File && file.size > 0) {
    if (file.size > LARGEST) return { csv: '', coding: null };
    const bytes = new Uint8Array(await file.arrayBuffer());
    const asked = codings.find((one) => one === form.get('coding'));
    const coding = asked ?? codingOf(bytes);
    return { csv: decodeText(bytes, coding), coding };
  }
  const text = form.get('csv');
  return { csv: typeof text === 'string' && text.length <= LARGEST ? text : '', coding: null };
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
    const { csv, coding } = await sentList(form);
    const into = intoOf(form);
    if (csv.trim() === '') {
      const problem = 'Choose a file of up to 500 kB, or paste the names.';
      return fail(400, { csv, ...into, problem });
    }
    if (isTooLong(csv)) return fail(413, { csv: '', ...into, problem: tooLong });
    return { csv, coding, ...into, preview: read(csv, into) };
  },
  /** Takes in the lines that can be read; those that cannot stay to be mended. */
  accept: async ({ request }) => {
    const form = await request.formData();
    const { csv } = await sentList(form);
    const into = intoOf(form);
    if (isTooLong(csv)) return fail(413, { csv: '', ...into, problem: tooLong });
    const { taken, rest } = listOf(csv, into);
    if (taken.length === 0) return fail(400, { csv, ...into, preview: read(csv, into) });
    const { classes, added } = importPupils(db(), taken);
    if (rest !== '') return { csv: rest, ...into, added, preview: read(rest, into) };
    redirect(303, classes.length === 1 ? `/classes/${classes[0]}` : '/classes');
  }
};

const isTooLong = (csv: string) => csv.split(/\r\n?|\n/).length > MOST_LINES + 1;
const tooLong = `A list may have up to ${MOST_LINES} lines, one for each pupil of a school.`;

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
