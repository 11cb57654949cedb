import { db } from '$lib/server/database/base/connection';
import { listClasses } from '$lib/server/database/people/classes';
import { recentLog } from '$lib/server/database/records/logbook';
import { listPapers } from '$lib/server/database/papers/papers';
import { listSittings } from '$lib/server/database/sittings/sittings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  papers: listPapers(db(), 8),
  sittings: listSittings(db(), 12),
  classes: listClasses(db()),
  log: recentLog(db(), 60)
});
