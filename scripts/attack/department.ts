import Database from 'better-sqlite3';
import type { Sender } from './sender';

/** A place on the desk: a script and an item of a sitting. */
export interface Place {
  readonly sitting: number;
  readonly scriptId: number;
  readonly partId: number;
}

/** What the file of a database says, read beside the server. */
export function peek<T>(file: string, query: string): T[] {
  const database = new Database(file, { readonly: true });
  try {
    return database.prepare(query).all() as T[];
  } finally {
    database.close();
  }
}

/** All places of the first sitting. */
export const placesOf = (file: string) =>
  peek<Place>(
    file,
    `select sittings.id as sitting, scripts.id as scriptId, snapshots.partId as partId
     from sittings join scripts on scripts.sittingId = sittings.id
     join snapshots on snapshots.formId = scripts.formId
     join parts on parts.id = snapshots.partId
     where sittings.id = 1 and parts.kind not in ('worked-example', 'gaps')`
  );

/** The entries of every place, `script/part` to what stands at the answer, and the version. */
export function entriesOf(file: string): Map<string, { written: string; version: number }> {
  const rows = peek<{ place: string; written: string; version: number }>(
    file,
    `select scriptId || '/' || partId as place, written, version from entries
     join responses on responses.id = entries.responseId
     join markings on markings.id = responses.markingId where step = 'answer'`
  );
  return new Map(rows.map(({ place, ...entry }) => [place, entry]));
}

/** Saves an answer over a version, as the desk does. */
export function saveAnswer(
  sender: Sender,
  { sitting, scriptId, partId }: Place,
  version: number,
  answer: string
) {
  return sender.json(`/marking/${sitting}/save`, {
    ...{ scriptId, partId, version, working: { answer }, attempt: 'written', comment: '' },
    ...{ isMarked: true, given: {} }
  });
}

/** Whether SQLite finds a file whole. */
export function isWhole(file: string): boolean {
  const [check] = peek<{ integrity_check: string }>(file, 'pragma integrity_check');
  return check?.integrity_check === 'ok' && peek(file, 'pragma foreign_key_check').length === 0;
}
