import { fail } from '$lib/server/http/reply';
import { readableForm, wrongForm } from '$lib/server/http/form-request';
import { ownTurn } from '$lib/server/http/own-turn';
import {
  allowedHosts,
  isForeign,
  isKnownHost,
  OPEN_WARNING,
  opennessOf
} from '$lib/server/http/foreign-requests';
import { db, holdDatabase } from '$lib/server/database/base/connection';
import { backUpBeforeUpdate, keepHouse } from '$lib/server/backup/maintenance';
import { clearLeftovers } from '$lib/server/archive/leftovers';
import { damageAdvice } from '$lib/server/backup/damage';
import { storageProblem } from '$lib/server/database/base/storage-problem';
import { logAnswer, logFailure } from '$lib/server/http/server-log';
import { ownContextsStamp, readOwnContexts } from '$lib/server/database/papers/contexts';
import { knowContexts, knownContexts } from '$lib/server/jobs/known-contexts';
import { randomUUID } from 'node:crypto';
import { startThreads } from '$lib/server/jobs/pool';
import { building } from '$app/environment';
import type { Handle, HandleServerError, RequestEvent, ServerInit } from '@sveltejs/kit';

const hosts = allowedHosts(process.env);

/** What the browser is told of every answer. */
const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'permissions-policy':
    'camera=(), display-capture=(), geolocation=(), microphone=(), payment=(), usb=()',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin'
};

/** Is answered at once, whoever else waits. */
const HEALTH = '/api/health';

/** Pages on which pupils' names may stand: nothing keeps a copy of them. */
const NAMED = /^\/(classes|marking|results|records)(\/|$)/;

/** A second server on the same database would hand out what the first one is writing: it does not start. */
export const init: ServerInit = async () => {
  if (building) return;
  sayHowOpen();
  if (!holdDatabase()) {
    console.error(
      'Another server is running on this database. Stop it first, or name another file in DATABASE.'
    );
    process.exit(1);
  }
  clearLeftovers({ isStart: true });
  await stopIfDamaged();
  await backUpBeforeUpdate();
  db();
  keepHouse();
  startThreads();
};

/** A server that others on the network reach starts only if that is said twice. */
function sayHowOpen(): void {
  const openness = opennessOf(process.env);
  if (openness === 'closed') return;
  console.error(OPEN_WARNING);
  if (openness === 'open') return;
  console.error('If that is meant, start it with OPEN_TO_NETWORK=yes; else leave HOST out.');
  process.exit(1);
}

/** A damaged database is not opened: the terminal says what to do. */
async function stopIfDamaged(): Promise<void> {
  const advice = await damageAdvice();
  if (advice === undefined) return;
  console.error(advice);
  process.exit(1);
}

/** Strangers are refused before anything is read: another site's requests, and hosts that nobody here has named. */
export const handle: Handle = async ({ event, resolve }) => {
  const { request, url, route, locals } = event;
  const began = performance.now();
  locals.requestId = randomUUID();
  const refused = refusal(request, url, addressOf(event));
  if (!refused) readableForm(request);
  if (!refused && route.id !== HEALTH) {
    await ownTurn();
    await tellAsKept();
  }
  const response = refused ?? (await resolve(event));
  await readToEnd(request);
  for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
  if (NAMED.test(url.pathname)) response.headers.set('cache-control', 'no-store');
  response.headers.set('x-request-id', locals.requestId);
  const milliseconds = Math.round(performance.now() - began);
  const { method } = request;
  logAnswer({
    id: locals.requestId,
    method,
    route: route.id,
    status: response.status,
    milliseconds
  });
  return response;
};

/** Problems are told in the contexts that the database has now: they change with it, by whatever changes it. */
async function tellAsKept(): Promise<void> {
  const stamp = ownContextsStamp(db());
  const isKnown = stamp === knownContexts().stamp;
  await knowContexts(isKnown ? knownContexts() : { stamp, contexts: readOwnContexts(db()) });
}

/** Where a request comes from, by its connection. */
const addressOf = ({ platform, getClientAddress }: RequestEvent): string =>
  platform?.req?.socket.remoteAddress ?? getClientAddress();

function refusal(request: Request, url: URL, address: string): Response | undefined {
  if (!isKnownHost(request, hosts, address)) {
    return fail(403, 'foreign-host', 'This server does not answer to that host.');
  }
  if (isForeign(request)) return fail(403, 'foreign', 'This request was sent from another site.');
  const isPage = request.method === 'POST' && !url.pathname.startsWith('/api');
  return isPage ? wrongForm(request, url) : undefined;
}

/** Reads what nobody wanted to read, up to the server's own limit: else the connection would be of no more use. */
async function readToEnd({ body, bodyUsed }: Request): Promise<void> {
  if (!body || bodyUsed) return;
  const rest = body.getReader();
  try {
    while (!(await rest.read()).done);
  } catch {
    // Too long, or broken off: there is nobody left to answer.
  }
}

/** The page says that something failed and by what number it stands in the log, and nothing of whom it was about. */
export const handleError: HandleServerError = ({ error, event, status }) => {
  if (status === 404) return { message: 'There is nothing at this address.' };
  // What was sent was wrong: SvelteKit says so itself.
  if (status < 500) return { message: 'This request cannot be read.' };
  const id = event.locals.requestId;
  logFailure('failed', error, { id, route: event.route.id });
  return { message: storageProblem(error)?.message ?? 'Something went wrong here.', reference: id };
};
