import { fail } from '$lib/server/api/reply';
import type { Handle, HandleServerError } from '@sveltejs/kit';

/**
 * Forms of other sites are refused by the host they come from; the computing API changes nothing and says
 * itself what it cannot read.
 */
export const handle: Handle = async ({ event, resolve }) => {
  const { request, url } = event;
  if (request.method !== 'GET' && !url.pathname.startsWith('/api') && isForeign(request)) {
    return fail(403, 'foreign', 'This form was sent from another site.');
  }
  const response = await resolve(event);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
};

/** The page says that something failed, and nothing of whom it was about. */
export const handleError: HandleServerError = ({ error, event, status }) => {
  if (status !== 404) console.error(`${event.request.method} ${event.route.id}:`, error);
  return {
    message: status === 404 ? 'There is nothing at this address.' : 'Something went wrong here.'
  };
};

function isForeign(request: Request): boolean {
  const origin = request.headers.get('origin');
  if (origin === null) return false;
  return !URL.canParse(origin) || new URL(origin).host !== request.headers.get('host');
}
