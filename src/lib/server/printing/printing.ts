import { error } from '@sveltejs/kit';
import type { Db } from '../database/base/db';
import { isExam } from '../database/exams/exams';
import { run } from '../jobs/pool';
import { type Done, type Undone } from '../jobs/undone';
import { undoneStatus, undoneWords } from '../jobs/words';
import { logFailure } from '../http/server-log';
import { culpritOf } from './culprit';
import { printKinds, type PrintKind } from '../print/document';
import type { Preview } from '../print/preview';
import {
  examPrintOf,
  examQuery,
  MOST_PRINTED_PARTS,
  type ExamPrintAsked
} from '../print/exam-print-of';
import { printOf, type PrintAsked } from '../print/print-of';

/** What a print is asked of: a paper, by the address, and the kind. */
interface Wanted {
  readonly paperId: number;
  readonly url: URL;
  /** Aborted when the one who asked has gone. */
  readonly signal: AbortSignal;
}

/** The previews that were asked for last: their pages come one by one. */
const recent = new Map<string, Promise<Done<Preview>>>();
const MOST_KEPT = 4;

/** What a print is made of; throws the page's 404, and 422 for one that is too long. */
export function printAsked(
  db: Db,
  { paperId, url }: Omit<Wanted, 'signal'>
): PrintAsked | ExamPrintAsked {
  return isExam(db, paperId)
    ? examAsked(db, { paperId, url })
    : practiceAsked(db, { paperId, url });
}

function examAsked(db: Db, { paperId, url }: Omit<Wanted, 'signal'>): ExamPrintAsked {
  const query = examQuery(url.searchParams);
  if (!query) error(404, 'There is no such print.');
  const found = examPrintOf(db, paperId, query);
  if (found.ok) return found.asked;
  if (found.code === 'missing') error(404, 'There is nothing to print here.');
  error(422, `One print holds ${MOST_PRINTED_PARTS} parts. Print the forms in several turns.`);
}

function practiceAsked(db: Db, { paperId, url }: Omit<Wanted, 'signal'>): PrintAsked {
  const kind = (url.searchParams.get('kind') ?? 'paper') as PrintKind;
  if (!printKinds.includes(kind)) error(404, 'There is no such print.');
  const found = printOf(db, paperId, kind);
  if (found.ok) return found.asked;
  if (found.code === 'missing') error(404, 'There is no such paper.');
  error(
    422,
    `This paper has ${found.items} items, and this print holds ${found.most}. Make two papers of it.`
  );
}

/** The pages of a print, made in another thread; throws the page's error. One that is under way is waited for. */
export async function previewOf(db: Db, wanted: Wanted): Promise<Preview> {
  const asked = printAsked(db, wanted);
  // A picture's name says what is in it.
  const key = JSON.stringify([db.$client.name, asked], (name, value) =>
    name === 'pictures' ? undefined : (value as unknown)
  );
  const known = await recent.get(key);
  const done = known?.ok ? known : await madeNow(key, asked, wanted.signal);
  if (!done.ok) unprinted(done.error);
  return done.result;
}

/** A print as a PDF file; throws the answer for one that was not made. */
export async function pdfOf(
  asked: PrintAsked | ExamPrintAsked,
  signal: AbortSignal
): Promise<Uint8Array> {
  const done = await printed('print', asked, signal);
  if (!done.ok) unprinted(done.error);
  return done.result;
}

/** Makes a print; one that cannot be printed is refused, saying which part of it cannot, if that is found. */
async function printed<Name extends 'print' | 'preview'>(
  name: Name,
  asked: PrintAsked | ExamPrintAsked,
  signal: AbortSignal
) {
  try {
    const done = await run(name, asked, { signal });
    if (done.ok || done.error.code !== 'crashed') return done;
  } catch (problem) {
    logFailure('print failed', problem);
  }
  const culprit = await culpritOf(asked, signal);
  error(
    422,
    culprit
      ? `${culprit} cannot be printed: put another picture or another text in its place.`
      : undoneWords.crashed
  );
}

function madeNow(
  key: string,
  asked: PrintAsked | ExamPrintAsked,
  signal: AbortSignal
): Promise<Done<Preview>> {
  const made = printed('preview', asked, signal);
  recent.set(key, made);
  if (recent.size > MOST_KEPT) recent.delete(recent.keys().next().value!);
  const forget = () => {
    if (recent.get(key) === made) recent.delete(key);
  };
  made.then(({ ok }) => ok || forget(), forget);
  return made;
}

/** Throws the answer for a print that was not made. */
export function unprinted(undone: Undone): never {
  error(undoneStatus(undone), undoneWords[undone.code]);
}
