import Papa from 'papaparse';
import { nameOf, readName, tidy, type PupilName } from './names';

export interface ClassListLine extends PupilName {
  /** Line of the text, from 1. */
  readonly line: number;
  readonly className: string;
  /** A pupil of that name and class stands further up: another one of the same name. */
  readonly isAgain: boolean;
}

export interface ClassListProblem {
  readonly line: number;
  readonly code: 'no-name' | 'no-class' | 'too-long' | 'unreadable' | 'control';
}

/** What a column of a class list holds; one that holds anything else is passed over. */
export type ListColumn = 'name' | 'surname' | 'forename' | 'class' | 'other';

export interface ClassList {
  readonly lines: readonly ClassListLine[];
  readonly problems: readonly ClassListProblem[];
  /** How the columns were understood. */
  readonly columns: readonly ListColumn[];
  /** The lines that have a problem, with the heading if there was one, to be mended. */
  readonly rest: string;
}

const LONGEST_NAME = 80;

/** Lines that are taken at once: more than any school has pupils. */
export const MOST_LINES = 3000;

/** What a heading may call a column. */
const HEADINGS: ReadonlyMap<string, ListColumn> = new Map([
  ['name', 'name'],
  ['pupil', 'name'],
  ['student', 'name'],
  ['full name', 'name'],
  ['surname', 'surname'],
  ['last name', 'surname'],
  ['family name', 'surname'],
  ['forename', 'forename'],
  ['first name', 'forename'],
  ['given name', 'forename'],
  ['class', 'class'],
  ['group', 'class'],
  ['form', 'class']
]);

/**
 * Reads a class list as it is pasted or saved: names alone, one a line; `Surname, Forename`; columns of names
 * and classes in any order, with a heading or without; separated by commas, semicolons or tabs. The class is
 * `className` where that is given. Every problem is reported by line.
 */
export function readClassList(text: string, className?: string): ClassList {
  const parsed = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), {
    delimitersToGuess: [',', ';', '\t']
  });
  const rows = parsed.data
    .map((cells, at) => ({ cells, line: at + 1 }))
    .filter(({ cells }) => cells.some((cell) => tidy(cell) !== ''));
  const heading = rows[0] && headingOf(rows[0].cells);
  const body = heading ? rows.slice(1) : rows;
  const columns = heading ?? guessed(body.map(({ cells }) => cells));
  const unreadable = new Set(
    parsed.errors.filter(({ type }) => type === 'Quotes').map(({ row }) => (row ?? 0) + 1)
  );
  const lines: ClassListLine[] = [];
  const problems: ClassListProblem[] = [];
  const wrong: string[][] = [];
  const seen = new Set<string>();
  for (const { cells, line } of body) {
    const pupil = pupilOf(cells, columns);
    const group = className ?? tidy(cells[columns.indexOf('class')]);
    const code = unreadable.has(line) ? 'unreadable' : problemOf(pupil.name, group, cells);
    if (code) {
      problems.push({ line, code });
      wrong.push(cells);
      continue;
    }
    const key = pupilKey(pupil.name, group);
    lines.push({ line, className: group, ...pupil, isAgain: seen.has(key) });
    seen.add(key);
  }
  const kept = heading && rows[0] ? [rows[0].cells, ...wrong] : wrong;
  const rest = wrong.length > 0 ? Papa.unparse(kept, { newline: '\n' }) : '';
  return { lines, problems, columns, rest };
}

/** Sentences for the problems of a class list. */
export const classListWords: Readonly<Record<ClassListProblem['code'], string>> = {
  'no-name': 'There is no name.',
  'no-class': 'There is no class: choose or name one above, or add it to the line.',
  'too-long': `A name or class may have at most ${LONGEST_NAME} characters.`,
  unreadable: 'A quotation mark is not closed.',
  control: 'There are characters in it that cannot be printed: it may be read in the wrong coding.'
};

/** The same text for the same name in the same class, whatever its capitals. */
export function pupilKey(name: string, className: string): string {
  return `${className}\n${name}`.toLowerCase();
}

function headingOf(cells: readonly string[]): ListColumn[] | undefined {
  const columns = cells.map((cell) => HEADINGS.get(tidy(cell).toLowerCase()) ?? 'other');
  return columns.some((column) => column !== 'other' && column !== 'class') ? columns : undefined;
}

/**
 * What columns without a heading hold: the last is the class if it has figures or is the same on most lines;
 * of what is left, one column is the name, and two are surname and forename.
 */
function guessed(rows: readonly (readonly string[])[]): ListColumn[] {
  const width = Math.max(1, ...rows.map((cells) => cells.length));
  const last = rows.flatMap((cells) => (cells.length === width ? [tidy(cells[width - 1])] : []));
  const filled = last.filter((cell) => cell !== '');
  const isClass =
    width > 1 &&
    filled.length > 0 &&
    (filled.every((cell) => /\d/.test(cell)) ||
      (filled.length > 2 && new Set(filled).size <= filled.length / 2));
  const names = isClass ? width - 1 : width;
  const columns: ListColumn[] = names === 1 ? ['name'] : ['surname', 'forename'];
  while (columns.length < names) columns.push('other');
  return isClass ? [...columns, 'class'] : columns;
}

function pupilOf(cells: readonly string[], columns: readonly ListColumn[]): PupilName {
  const at = (column: ListColumn) => cells[columns.indexOf(column)] ?? '';
  return columns.includes('name') ? readName(at('name')) : nameOf(at('surname'), at('forename'));
}

function problemOf(
  name: string,
  group: string,
  cells: readonly string[]
): ClassListProblem['code'] | undefined {
  if (cells.some((cell) => UNPRINTABLE.test(cell))) return 'control';
  if (name === '') return 'no-name';
  if (group === '') return 'no-class';
  return name.length > LONGEST_NAME || group.length > LONGEST_NAME ? 'too-long' : undefined;
}

/** Control characters, and what stands for a byte that no character has; a line break within quotes is a space. */
const UNPRINTABLE = /[^\P{Cc}\t\r\n]|\ufffd|[\u202a-\u202e\u2066-\u2069]/u;
