import { z } from 'zod';
import { storageProblem } from '../database/base/storage-problem';

/** Requests to the API are small; anything larger is refused before it is read. */
export const MAX_BYTES = 256 * 1024;

export type Details = Readonly<Record<string, unknown>>;

/** The one shape of every error the API gives. */
export function fail(
  status: number,
  code: string,
  message: string,
  details: Details = {}
): Response {
  return Response.json({ error: { code, message, details } }, { status });
}

/** A reply to a page is of the contract. Counts are bigints and travel as decimal strings. */
export function reply<Body = unknown>(body: Body): Response {
  const text = JSON.stringify(body, (_, value) => (typeof value === 'bigint' ? `${value}` : value));
  return new Response(text, { headers: { 'content-type': 'application/json' } });
}

/** What a request says its body is, without its parameters; undefined if it does not say. */
export function contentTypeOf(request: Request): string | undefined {
  return request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase();
}

/**
 * A handler for POST with a JSON body of the schema. What does not fit is answered with 415, 413 or 400 and
 * the place of each problem.
 */
export function post<T>(
  schema: z.core.$ZodType<T>,
  handle: (body: T) => Response | Promise<Response>
) {
  return async ({ request }: { request: Request }): Promise<Response> => {
    const type = contentTypeOf(request);
    if (type !== 'application/json') {
      return fail(415, 'unsupported-type', 'Send the request as application/json.', {
        received: type ?? null
      });
    }
    const text = await readLimited(request);
    if (text === undefined) {
      return fail(413, 'too-large', `A request may have at most ${MAX_BYTES} bytes.`, {
        limit: MAX_BYTES
      });
    }
    const json = parseJson(text);
    if (json === undefined) return invalid([{ field: '', problem: 'not readable as JSON' }]);
    const parsed = z.safeParse(schema, json.value);
    if (!parsed.success) return invalid(problemsOf(parsed.error));
    return keeping(() => handle(parsed.data));
  };
}

/** Answers a request that keeps something; if nothing can be kept just now, it says so like any save. */
export async function keeping(work: () => Response | Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    const problem = storageProblem(error);
    if (!problem) throw error;
    return fail(503, problem.code, problem.message);
  }
}

export interface Problem {
  readonly field: string;
  readonly problem: string;
}

/** 400, with each field that is wrong and what was wrong with it. */
export function invalid(problems: readonly Problem[]): Response {
  const first = problems[0];
  const where = first?.field ? `${first.field}: ${first.problem}` : first?.problem;
  return fail(400, 'invalid', `The request is not valid: ${where}.`, { fields: problems });
}

/** The problems a schema found, by the path of the field. */
export function problemsOf(
  error: z.core.$ZodError,
  prefix: readonly PropertyKey[] = []
): Problem[] {
  return error.issues.slice(0, 20).map(({ path, message }) => ({
    field: [...prefix, ...path].map(String).join('.'),
    problem: message
  }));
}

async function readLimited(request: Request): Promise<string | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > MAX_BYTES) return undefined;
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    // What is too long is read to its end all the same: a connection with a body left over is of no more use.
    size += part.value.byteLength;
    if (size <= MAX_BYTES) chunks.push(part.value);
  }
  if (size > MAX_BYTES) return undefined;
  return new TextDecoder().decode(Buffer.concat(chunks));
}

function parseJson(text: string): { value: unknown } | undefined {
  try {
    return { value: JSON.parse(text) };
  } catch {
    return undefined;
  }
}
