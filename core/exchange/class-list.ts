import Papa from 'papaparse';

export interface ClassListLine {
  /** Line of the file, from 1. */
  readonly line: number;
  readonly className: string;
  readonly name: string;
}

export interface ClassListProblem {
  readonly line: number;
  readonly code: 'no-header' | 'no-name' | 'no-class' | 'twice' | 'too-long' | 'unreadable';
}

export interface ClassList {
  readonly lines: readonly ClassListLine[];
  readonly problems: readonly ClassListProblem[];
}

const LONGEST_NAME = 80;

/**
 * Reads a class list from CSV with a header: a column `name`, and a column `class` unless one class is meant
 * by `className`. Separators of comma, semicolon or tab are told apart. Every problem is reported by line.
 */
export function readClassList(csv: string, className?: string): ClassList {
  const parsed = Papa.parse<string[]>(csv.replace(/^\ufeff/, ''), {
    delimitersToGuess: [',', ';', '\t']
  });
  const header = (parsed.data[0] ?? []).map((title) => title.trim().toLowerCase());
  const nameAt = header.findIndex((title) => title === 'name' || title === 'pupil');
  const classAt = header.indexOf('class');
  if (nameAt < 0) return { lines: [], problems: [{ line: 1, code: 'no-header' }] };
  const lines: ClassListLine[] = [];
  const problems: ClassListProblem[] = parsed.errors
    .filter(({ type }) => type === 'Quotes')
    .map(({ row }) => ({ line: (row ?? 0) + 1, code: 'unreadable' }));
  const seen = new Set<string>();
  parsed.data.forEach((cells, at) => {
    if (at === 0 || cells.every((cell) => cell.trim() === '')) return;
    const line = at + 1;
    const name = tidy(cells[nameAt]);
    const group = className ?? tidy(cells[classAt]);
    const code = problemOf(name, group, seen);
    if (code) problems.push({ line, code });
    else lines.push({ line, className: group, name });
    seen.add(keyOf(name, group));
  });
  return { lines, problems };
}

/** Sentences for the problems of a class list. */
export const classListWords: Readonly<Record<ClassListProblem['code'], string>> = {
  'no-header': 'The first line must name the columns; one of them must be “name”.',
  'no-name': 'There is no name.',
  'no-class': 'There is no class; add a column “class” or choose a class.',
  twice: 'This pupil stands in the list already.',
  'too-long': `A name or class may have at most ${LONGEST_NAME} characters.`,
  unreadable: 'A quotation mark is not closed.'
};

function problemOf(
  name: string,
  group: string,
  seen: ReadonlySet<string>
): ClassListProblem['code'] | undefined {
  if (name === '') return 'no-name';
  if (group === '') return 'no-class';
  if (name.length > LONGEST_NAME || group.length > LONGEST_NAME) return 'too-long';
  return seen.has(keyOf(name, group)) ? 'twice' : undefined;
}

function tidy(cell: string | undefined): string {
  return (cell ?? '').trim().replace(/\s+/g, ' ');
}

function keyOf(name: string, group: string): string {
  return `${group}\n${name}`.toLowerCase();
}
