import pino from 'pino';
import { sqliteCode } from '../database/base/connection';

/** The server's log: one JSON object a line on the standard output, `LOG_LEVEL` from `info` to `silent`. */
const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'info', base: null });

/** A request that was answered: by its route, not its address, as in an address ids and words of searches stand. */
export interface Answered {
  readonly id: string;
  readonly method: string;
  readonly route: string | null;
  readonly status: number;
  readonly milliseconds: number;
}

export function logAnswer(answered: Answered): void {
  logger[answered.status >= 500 ? 'error' : 'info'](answered, 'answered');
}

/**
 * Something that failed. Of the error only its kind, SQLite's code and the places it passed are kept: its message may
 * hold what was to be saved, and with it a name.
 */
export function logFailure(
  what: string,
  error: unknown,
  where: { readonly id?: string; readonly route?: string | null } = {}
): void {
  logger.error({ ...where, ...outlineOf(error) }, what);
}

export function outlineOf(error: unknown): { kind: string; code: string; at: string[] } {
  const { name = typeof error, stack = '' } = error instanceof Error ? error : {};
  const at = stack.split('\n').filter((line) => /^\s+at /.test(line));
  return { kind: name, code: sqliteCode(error), at: at.map((line) => line.trim()).slice(0, 12) };
}
