import type { Context } from '@zealous-quill/core/catalogue';
import type { Bounds, ExamFacts, PaperPart, Totals } from '@zealous-quill/core/exams';
import * as z from 'zod/mini';

/** Something that the core describes: here it is only known to be an object. */
const described = <T extends object>() =>
  z.custom<T>((value) => typeof value === 'object' && value !== null);

const list = <T>(one: z.ZodMiniType<T>) => z.readonly(z.array(one));

const version = z.int().check(z.minimum(0));
const text = z.string();

/** Every part of a plan that was tried, with its item on one line. */
const triedPart = z.object({
  ...{ row: text, question: z.number(), title: text, line: text, kind: text },
  ...{ marks: z.number(), difficulty: z.number(), seconds: z.number() }
});

/** A line of a plan that cannot hold with others, and a value of it that would. */
const offer = z.object({
  ...{ line: text, words: text },
  nearest: z.optional(z.nullable(z.union([z.number(), described<Bounds>()])))
});

/** A page of a script; `turn` is in degrees clockwise. */
const scriptPage = z.object({ id: z.int(), mediaType: text, turn: z.number() });

const beforeAndAfter = <T>(one: z.ZodMiniType<T>) => z.object({ before: one, after: one });

const boundary = z.object({ grade: text, from: z.number() });

/** A script whose total or grade changes. */
const move = z.object({
  ...{ scriptId: z.int(), name: text, className: text },
  ...{ total: beforeAndAfter(z.number()), grade: beforeAndAfter(text) }
});

/** A number of a grid as it stands on the server. */
const savedCell = z.object({ value: z.nullable(z.number()), version });

/**
 * What the server says when it does what it was asked, by what was asked. A reply that does not fit is of another
 * version of the program than the page that asked.
 */
export const replies = {
  /** It is done, and there is nothing more to say. */
  done: z.object({ ok: z.literal(true) }),

  /** A draft was saved, and is this version now. */
  saved: z.object({ version }),

  /** What a plan gives as it stands on the page. */
  tried: z.discriminatedUnion('ok', [
    z.object({ ok: z.literal(true), parts: list(triedPart), totals: described<Totals>() }),
    z.object({ ok: z.literal(false), message: text, lines: list(offer) })
  ]),

  /** What was asked of an exam that is edited. */
  examAnswer: z.object({
    /** What is given in the place of what was, by the id of the part. */
    given: z.record(text, z.unknown()),
    added: z.optional(described<Omit<PaperPart, 'id'>>()),
    facts: described<ExamFacts>(),
    /** Who has met an item, in words, by the key of its part. */
    met: z.optional(z.record(text, text))
  }),

  /** A scheme of the department was changed; `was` is what the next change must say it was read from. */
  schemeSet: z.object({ was: text }),

  /** What a change of a part of a sat paper would do, for everything that can be done along with it. */
  outlook: z.object({
    available: beforeAndAfter(z.number()),
    boundaries: list(boundary),
    shared: z.nullable(list(boundary)),
    choices: list(z.object({ again: z.boolean(), shares: z.boolean(), moves: list(move) }))
  }),

  /** A picture is kept under this name. */
  pictureKept: z.object({ name: text }),

  /** How many pages a print has, their size in points, and where its sections begin. */
  pages: z.object({
    count: z.int(),
    size: z.object({ width: z.number(), height: z.number() }),
    sections: list(z.object({ id: text, at: z.number(), page: z.int() }))
  }),

  /** All pages of a script, in the order in which they are read. */
  scriptPages: z.object({ pages: list(scriptPage) }),

  /** What became of each number that was sent, and what stands there now. */
  cells: z.object({
    cells: list(z.object({ row: z.int(), column: z.int(), code: text, now: z.nullable(savedCell) }))
  }),

  /** A piece of a file was taken: the word the file is known by, and how many bytes of it are there. */
  pieceTaken: z.object({ file: text, bytes: z.int() }),

  /** The department's own contexts of problems: those that are told in, and those of which problems are only read. */
  contexts: z.object({ told: list(described<Context>()), past: list(described<Context>()) }),

  /** How many records of each kind go along with one that is removed. */
  takenAlong: z.record(text, z.number())
};

export type ReplyName = keyof typeof replies;

export type Reply<Name extends ReplyName> = Readonly<z.infer<(typeof replies)[Name]>>;

/** Why the server does not do what it is asked. */
export const refusal = z.object({
  error: z.object({ code: text, message: text, details: z.record(text, z.unknown()) })
});

export type Refusal = z.infer<typeof refusal>;

/** What is said of an address that is not there, and of a fault that nobody foresaw. */
export const failure = z.object({ message: text });
