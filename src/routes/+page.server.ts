import { db } from '$lib/server/database/connection';
import { listClasses } from '$lib/server/database/classes';
import { recentLog } from '$lib/server/database/logbook';
import { listPapers } from '$lib/server/database/papers';
import { listSittings } from '$lib/server/database/sittings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  papers: listPapers(db(), 8),
  sittings: listSittings(db(), 12),
  classes: listClasses(db()),
  log: recentLog(db(), 60)
});
