import { desc, eq, is, lt, sql, type SQL } from 'drizzle-orm';
import { getTableConfig, SQLiteTable } from 'drizzle-orm/sqlite-core';
import { change, COORDINATOR, type Subject } from '../base/change';
import { sqliteCode } from '../base/connection';
import { type Db, type Reader, type Writer } from '../base/db';
import * as schema from '../base/schema';
import type { Binned, Link, Row } from '../base/schema';

const { bin } = schema;

/** Days for which what was removed can be brought back. */
export const BIN_DAYS = 30;

export type BinKind =
  'paper' | 'class' | 'pupil' | 'sitting' | 'page' | 'plan' | 'context' | 'timed practice';

/** A column of a table that refers to the key of another, as the schema says. */
interface Reference {
  readonly table: string;
  readonly column: string;
  readonly parent: string;
  /** Whether the row stays when what it refers to goes. */
  readonly isLetGo: boolean;
}

const configs = Object.values(schema as Record<string, unknown>).flatMap((value) =>
  is(value, SQLiteTable) ? [getTableConfig(value)] : []
);

const references: readonly Reference[] = configs.flatMap(({ name, foreignKeys }) =>
  foreignKeys.map((key) => {
    const { columns, foreignTable } = key.reference();
    return {
      table: name,
      column: columns[0]!.name,
      parent: getTableConfig(foreignTable).name,
      isLetGo: key.onDelete === 'set null'
    };
  })
);

/** The columns of a table, bytes apart. */
function columnsOf(table: string): { plain: string[]; bytes: string | undefined } {
  const { columns } = configs.find(({ name }) => name === table)!;
  const isBytes = (type: string) => type.startsWith('blob');
  return {
    plain: columns.filter((one) => !isBytes(one.getSQLType())).map(({ name }) => name),
    bytes: columns.find((one) => isBytes(one.getSQLType()))?.name
  };
}

const named = (name: string): SQL => sql`${sql.identifier(name)}`;
const list = (names: readonly string[]): SQL => sql.join(names.map(named), sql`, `);
const among = (column: string, ids: readonly number[]): SQL =>
  sql`${named(column)} in (select value from json_each(${JSON.stringify(ids)}))`;

/** A record, and all rows that cannot be without it, parents first. */
function collect(tx: Pick<Writer, 'all'>, root: string, ids: readonly number[]): Binned {
  const rows = new Map<string, Map<number, Row>>();
  const links: Link[] = [];
  const take = (table: string, where: SQL): number[] => {
    const found = tx.all<Row>(
      sql`select rowid as "rowid", ${list(columnsOf(table).plain)} from ${named(table)} where ${where}`
    );
    const known = rows.get(table) ?? new Map<number, Row>();
    const fresh = found.filter(({ rowid }) => !known.has(rowid as number));
    for (const { rowid, ...row } of fresh) known.set(rowid as number, row);
    if (known.size > 0) rows.set(table, known);
    return fresh.map(({ rowid }) => rowid as number);
  };
  const waiting = [{ table: root, fresh: take(root, among('id', ids)) }];
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    if (next.fresh.length === 0) continue;
    for (const { table, column, parent, isLetGo } of references) {
      if (parent !== next.table) continue;
      if (isLetGo) {
        const held = tx.all<{ id: number; to: number }>(
          sql`select id, ${named(column)} as "to" from ${named(table)} where ${among(column, next.fresh)}`
        );
        links.push(...held.map((link) => ({ table, column, ...link })));
      } else {
        waiting.push({ table, fresh: take(table, among(column, next.fresh)) });
      }
    }
  }
  return {
    tables: Object.fromEntries([...rows].map(([table, own]) => [table, [...own.values()]])),
    links
  };
}

/** Tables of which it is said how many rows go along; those of what was written are too many to be counted while one waits. */
const TOLD = ['pupils', 'sittings', 'scripts', 'responses', 'parts', 'timed_sets', 'script_pages'];

/** What goes with a record of a table: how many rows of each table that is worth telling. Nothing of them is read. */
export function takenAlong(
  db: Pick<Db, 'all'>,
  root: string,
  id: number
): Readonly<Record<string, number>> {
  const counted = TOLD.flatMap((table) => {
    const rows = rowsAlong(table, root, id);
    if (!rows) return [];
    const [found] = db.all<{ n: number }>(sql`select count(*) as n from (${rows})`);
    return found!.n > 0 ? [[table, found!.n] as const] : [];
  });
  return Object.fromEntries(counted);
}

/** A query for the rows of a table that go with a record; undefined if it has none that could. */
function rowsAlong(table: string, root: string, id: number): SQL | undefined {
  const own = table === root ? [sql`select rowid from ${named(table)} where id = ${id}`] : [];
  const along = references
    .filter((one) => one.table === table && !one.isLetGo)
    .flatMap(({ column, parent }) => {
      const above = rowsAlong(parent, root, id);
      return above
        ? [sql`select rowid from ${named(table)} where ${named(column)} in (${above})`]
        : [];
    });
  const all = [...own, ...along];
  return all.length > 0 ? sql.join(all, sql` union `) : undefined;
}

/** Moves a record into the bin, with all that cannot be without it; gives the number of its entry. */
export function moveToBin(
  tx: Writer,
  { kind, title, table, id }: { kind: BinKind; title: string; table: string; id: number }
): number {
  const rows = collect(tx, table, [id]);
  const { binId } = tx
    .insert(bin)
    .values({ kind, title, rows, userId: COORDINATOR })
    .returning({ binId: bin.id })
    .get();
  const all = Object.entries(rows.tables).map(([name, own]) => ({
    name,
    ...columnsOf(name),
    ids: own.flatMap(({ id: own }) => (typeof own === 'number' ? [own] : []))
  }));
  for (const { name, bytes, ids } of all) {
    if (!bytes) continue;
    tx.run(
      sql`insert into bin_bytes select ${binId}, id, ${named(bytes)} from ${named(name)} where ${among('id', ids)}`
    );
  }
  // Children go with their parents, so parents go first; the references are right again at the end.
  tx.run(sql`pragma defer_foreign_keys = on`);
  for (const { name, ids } of all) {
    if (ids.length > 0) tx.run(sql`delete from ${named(name)} where ${among('id', ids)}`);
  }
  return binId;
}

export type Restored =
  | { readonly ok: true; readonly kind: string; readonly title: string }
  | { readonly ok: false; readonly code: 'missing' | 'taken' | 'homeless' };

/** Brings back an entry whole; says so if its place is taken, or what it belonged to is gone. */
export function restoreFromBin(db: Db, id: number): Restored {
  try {
    return change(db, (tx, log): Restored => {
      const entry = tx.select().from(bin).where(eq(bin.id, id)).get();
      if (!entry) return { ok: false, code: 'missing' };
      const { kind, title, rows } = entry;
      putBack(tx, id, rows);
      tx.delete(bin).where(eq(bin.id, id)).run();
      log(`${kind} brought back`, subjectOf(kind, rows));
      return { ok: true, kind, title };
    });
  } catch (error) {
    const code = sqliteCode(error);
    if (/UNIQUE|PRIMARYKEY/.test(code)) return { ok: false, code: 'taken' };
    if (/FOREIGNKEY/.test(code)) return { ok: false, code: 'homeless' };
    throw error;
  }
}

function putBack(tx: Writer, binId: number, { tables, links }: Binned): void {
  tx.run(sql`pragma defer_foreign_keys = on`);
  for (const [table, rows] of Object.entries(tables)) {
    const { bytes } = columnsOf(table);
    for (const row of rows) {
      const columns = Object.keys(row);
      const values = columns.map((column) => backValue(table, column, row[column], tables));
      if (bytes) {
        columns.push(bytes);
        values.push(
          sql`(select bytes from bin_bytes where "binId" = ${binId} and "rowId" = ${row['id']})`
        );
      }
      tx.run(
        sql`insert into ${named(table)} (${list(columns)}) values (${sql.join(values, sql`, `)})`
      );
    }
  }
  for (const { table, column, id, to } of links) {
    tx.run(
      sql`update ${named(table)} set ${named(column)} = ${to} where id = ${id} and ${named(column)} is null`
    );
  }
}

/** A value as it is put back: what referred to a record that is gone since, and may do without, refers to none. */
function backValue(table: string, column: string, value: unknown, tables: Binned['tables']): SQL {
  const own = references.find((one) => one.table === table && one.column === column && one.isLetGo);
  if (!own || value === null || own.parent in tables) return sql`${value}`;
  return sql`(select id from ${named(own.parent)} where id = ${value})`;
}

/** The table in which records of a kind stand. */
const tableOf: Readonly<Record<BinKind, string>> = {
  paper: 'papers',
  class: 'classes',
  pupil: 'pupils',
  sitting: 'sittings',
  page: 'script_pages',
  plan: 'blueprints',
  context: 'contexts',
  'timed practice': 'timed_sets'
};

/** What the logbook calls a record of the bin: a page goes by its script, timed practice by its class. */
function subjectOf(kind: string, { tables }: Binned): Subject {
  const row = tables[tableOf[kind as BinKind]]![0]!;
  if (kind === 'page') return ['script', row['scriptId'] as number];
  if (kind === 'timed practice') return ['class', row['classId'] as number];
  return [kind as Subject[0], row['id'] as number];
}

export interface BinEntry {
  readonly id: number;
  readonly kind: string;
  readonly title: string;
  readonly at: string;
  /** Rows of each table that would come back. */
  readonly holds: Readonly<Record<string, number>>;
}

/** What can be brought back, the newest first. */
export function listBin(db: Reader): BinEntry[] {
  return db
    .select()
    .from(bin)
    .orderBy(desc(bin.id))
    .all()
    .map(({ id, kind, title, at, rows }) => ({
      ...{ id, kind, title, at },
      holds: Object.fromEntries(
        Object.entries(rows.tables).map(([table, own]) => [table, own.length])
      )
    }));
}

/** What an entry is called, for a page that says what was removed just now; null if there is none. */
export function binTitle(db: Reader, id: number): { bin: number; title: string } | null {
  const entry = db.select({ title: bin.title }).from(bin).where(eq(bin.id, id)).get();
  return entry ? { bin: id, title: entry.title } : null;
}

/** Does away with what has been in the bin for {@link BIN_DAYS} days, and gives how many entries that were. */
export function emptyBin(db: Db, today = new Date()): number {
  const before = new Date(today.getTime() - BIN_DAYS * 86_400_000).toISOString();
  return db.delete(bin).where(lt(bin.at, before)).run().changes;
}
