import { db } from '$lib/server/database/connection';
import { listSittings } from '$lib/server/database/sittings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ sittings: listSittings(db()) });
