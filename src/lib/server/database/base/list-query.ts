/** Rows of a list that are shown at a time. */
export const PAGE = 30;

/** What of a list is asked for; the address says it, so that it can be sent and gone back to. */
export interface ListQuery {
  /** Words that must all stand somewhere in a row. */
  readonly words: readonly string[];
  readonly state: string | null;
  readonly year: string | null;
  readonly classId: number | null;
  /** What belongs to classes that were archived, instead of what does not. */
  readonly isArchived: boolean;
  /** From 1. */
  readonly page: number;
}

/** Nothing is asked for: the first page of the whole list. */
export const everything: ListQuery = {
  words: [],
  state: null,
  year: null,
  classId: null,
  isArchived: false,
  page: 1
};

/** A part of a list, and how many rows there are in all. */
export interface Listed<Row> {
  readonly rows: readonly Row[];
  readonly total: number;
  readonly page: number;
  readonly pages: number;
}

const MOST_WORDS = 8;

/** Reads `?q=lamp oil&state=sat&year=2026&class=3&page=2`; what cannot be read asks for nothing. */
export function readListQuery({ searchParams }: URL): ListQuery {
  const given = (name: string) => searchParams.get(name)?.trim() || null;
  const whole = (name: string) => {
    const text = given(name) ?? '';
    return /^[1-9]\d{0,8}$/.test(text) ? Number(text) : null;
  };
  return {
    words: (given('q') ?? '').slice(0, 200).split(/\s+/).filter(Boolean).slice(0, MOST_WORDS),
    state: given('state'),
    year: /^\d{4}$/.test(given('year') ?? '') ? given('year') : null,
    classId: whole('class'),
    isArchived: given('archived') === 'yes',
    page: whole('page') ?? 1
  };
}

/** The pattern of SQL's LIKE, with `\` to escape, of what has a word in it. */
export const containing = (word: string) => `%${word.replace(/[\\%_]/g, '\\$&')}%`;

/** The page that is asked for, or the last where there are not so many. */
export function pageOf(total: number, asked: number) {
  const pages = Math.max(1, Math.ceil(total / PAGE));
  const page = Math.min(asked, pages);
  return { total, pages, page, offset: (page - 1) * PAGE };
}
