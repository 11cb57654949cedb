import { fail } from '../http/reply';

/** A fallback that refuses every other method. */
export function only(...allowed: readonly string[]) {
  return ({ request }: { request: Request }): Response => {
    const response = fail(405, 'method', `${request.method} is not possible here.`, { allowed });
    response.headers.set('allow', allowed.join(', '));
    return response;
  };
}
