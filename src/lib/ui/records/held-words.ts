import { plural } from '../format';

/** What of a removal is worth saying, by its table. */
const words: readonly (readonly [table: string, kind: string, one: string])[] = [
  ['pupils', 'pupil', 'pupil'],
  ['sittings', 'sitting', 'sitting'],
  ['scripts', 'script', 'script'],
  ['responses', 'response', 'marked item'],
  ['parts', 'part', 'item'],
  ['timed_sets', 'timed practice', 'set of timed sheets'],
  ['script_pages', 'page', 'page of scripts']
];

/** What goes or comes along with a record: `24 pupils, 2 sittings, 48 scripts`. */
export function heldWords(rows: Readonly<Record<string, number>>, kind: string): string {
  return words
    .filter(([table, own]) => (rows[table] ?? 0) > 0 && own !== kind)
    .map(([table, , one]) =>
      plural(rows[table]!, one, one.includes(' of ') ? one.replace(' of ', 's of ') : `${one}s`)
    )
    .join(', ');
}
