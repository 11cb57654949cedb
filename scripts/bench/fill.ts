import { importPupils } from '../../src/lib/server/database/people/import-pupils';
import { listClasses } from '../../src/lib/server/database/people/classes';
import { openDatabase } from '../../src/lib/server/database/base/connection';
import { createPaper } from '../../src/lib/server/database/papers/papers';
import { listScripts } from '../../src/lib/server/database/sittings/scripts';
import { sitPaper } from '../../src/lib/server/database/sittings/sittings';
import { satItems } from '../../src/lib/server/database/sittings/snapshots';
import { NOTHING } from '../../src/lib/server/database/marking/responses';
import { saveResponse } from '../../src/lib/server/database/marking/save-response';
import { fromPlans } from '@zealous-quill/core/papers';

export const ITEMS = 50_000;
export const ENTRIES = 200_000;

const PUPILS = 30;
const PER_PAPER = 20;

/**
 * A department with 50,000 items on papers and 200,000 entries in sittings. Papers are made one by one, and
 * one sitting is marked as a marker would; the rest are copies of its rows.
 */
export function fillDatabase(file: string): void {
  const db = openDatabase(file);
  const pupils = Array.from({ length: PUPILS }, (_, at) => ({
    line: at,
    className: '7 Bench',
    name: `Pupil ${at + 1}`,
    surname: null
  }));
  importPupils(db, pupils);
  const paper = fromPlans('Bench', 1, [
    {
      skill: 'column-addition',
      kind: 'bare',
      count: PER_PAPER,
      controls: { addends: 2, digits: 4, carries: 3 }
    }
  ]);
  db.$client.pragma('synchronous = OFF');
  const first = createPaper(db, paper);
  const sitting = sitPaper(db, first, listClasses(db)[0]!.id, '2026-01-01');
  if (!sitting.ok) throw new Error('bench: the sitting failed');
  for (const script of listScripts(db, sitting.id)) {
    for (const { id, item } of satItems(db, first)) {
      const working = Object.fromEntries(
        item.steps.filter(({ id }) => id !== 'answer').map(({ id, value }) => [id, value])
      );
      saveResponse(db, script.id, id, { ...NOTHING, working, isMarked: true });
    }
  }
  copySitting(db.$client, sitting.id, first);
  db.$client.close();
}

type Client = ReturnType<typeof openDatabase>['$client'];

function copySitting(client: Client, sittingId: number, paperId: number): void {
  const one = (sql: string) => client.prepare(sql).pluck().get() as number;
  const perSitting = one('select count(*) from entries');
  const papers = Math.ceil(ITEMS / PER_PAPER);
  const sittings = Math.ceil(ENTRIES / perSitting);
  const parts = client.prepare('select id from parts order by id').pluck().all() as number[];
  client.transaction(() => {
    for (let copy = 1; copy < papers; copy++) {
      const paper = insertCopy(client, 'papers', 'id', paperId, { title: `'Bench ${copy}'` });
      const form = insertCopy(client, 'forms', 'paperId', paperId, { paperId: String(paper) });
      const section = insertCopy(client, 'sections', 'paperId', paperId, {
        paperId: String(paper)
      });
      const partOf = new Map(
        parts.map((part) => {
          const question = insertCopy(client, 'questions', 'id', part, {
            sectionId: String(section)
          });
          const own = insertCopy(client, 'parts', 'id', part, { questionId: String(question) });
          const ids = { partId: String(own), formId: String(form) };
          insertCopy(client, 'snapshots', 'partId', part, ids);
          return [part, own];
        })
      );
      if (copy >= sittings) continue;
      const sat = insertCopy(client, 'sittings', 'id', sittingId, {
        paperId: String(paper),
        satOn: `'2026-02-${String((copy % 28) + 1).padStart(2, '0')}'`
      });
      copyScripts(client, sittingId, { sittingId: String(sat), formId: String(form) }, partOf);
    }
  })();
  client.exec('analyze');
}

function copyScripts(
  client: Client,
  from: number,
  to: { sittingId: string; formId: string },
  partOf: ReadonlyMap<number, number>
): void {
  for (const script of client
    .prepare('select id from scripts where sittingId = ?')
    .pluck()
    .all(from) as number[]) {
    const copy = insertCopy(client, 'scripts', 'id', script, to);
    const marking = insertCopy(client, 'markings', 'scriptId', script, { scriptId: String(copy) });
    const responses = client
      .prepare(
        'select r.id, r.partId from responses r join markings m on m.id = r.markingId where m.scriptId = ?'
      )
      .all(script) as { id: number; partId: number }[];
    for (const { id, partId } of responses) {
      const response = insertCopy(client, 'responses', 'id', id, {
        markingId: String(marking),
        partId: String(partOf.get(partId))
      });
      insertCopy(client, 'entries', 'responseId', id, { responseId: String(response) });
      insertCopy(client, 'marks', 'responseId', id, { responseId: String(response) });
    }
  }
}

/** Copies the rows of a table that have a value in a column, with some columns set; the last new id. */
function insertCopy(
  client: Client,
  table: string,
  column: string,
  value: number,
  set: Record<string, string>
): number {
  const columns = (client.pragma(`table_info(${table})`) as { name: string }[])
    .map(({ name }) => name)
    .filter((name) => name !== 'id');
  const sources = columns.map((name) => set[name] ?? name).join(', ');
  const sql = `insert into ${table} (${columns.join(', ')}) select ${sources} from ${table} where ${column} = ? order by id`;
  return Number(client.prepare(sql).run(value).lastInsertRowid);
}
