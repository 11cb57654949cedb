import { db } from '$lib/server/database/base/connection';
import { recentLog } from '$lib/server/database/records/logbook';
import { firstSteps } from '$lib/server/database/sittings/first-steps';
import { listPapers } from '$lib/server/database/papers/papers';
import { listSittings } from '$lib/server/database/sittings/sittings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  papers: listPapers(db(), 8),
  sittings: listSittings(db(), 12),
  steps: firstSteps(db()),
  log: recentLog(db(), 60)
});
