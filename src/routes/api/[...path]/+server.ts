import { fail } from '$lib/server/http/reply';

export const fallback = () => fail(404, 'not-found', 'There is nothing at this address; see /api.');
