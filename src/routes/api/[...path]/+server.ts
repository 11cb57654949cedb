import { fail } from '$lib/server/api/reply';

export const fallback = () => fail(404, 'not-found', 'There is nothing at this address; see /api.');
