import { sql } from 'drizzle-orm';
import { integer, text } from 'drizzle-orm/sqlite-core';

/** The key of a table; numbers are never used again. */
export const id = () => integer().primaryKey({ autoIncrement: true });

/** A moment, ISO 8601 in UTC; the present one unless given. */
export const now = () =>
  text()
    .notNull()
    .default(sql`(strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))`);

/** Yes or no. */
export const flag = () => integer({ mode: 'boolean' }).notNull().default(false);

/** A value of some kind, kept as JSON text. */
export const json = <T>() => text({ mode: 'json' }).$type<T>();

/** A check that a text column has one of some values. */
export const among = (column: unknown, values: readonly string[]) =>
  sql`${column} in (${sql.raw(values.map((value) => `'${value}'`).join(', '))})`;
