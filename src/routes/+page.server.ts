import { db } from '$lib/server/database/base/connection';
import { recentLog } from '$lib/server/database/records/logbook';
import { firstSteps } from '$lib/server/database/sittings/first-steps';
import { listPapers } from '$lib/server/database/papers/papers';
import { listSittings } from '$lib/server/database/sittings/sittings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
  const sittings = listSittings(db(), 12);
  return {
    sittings,
    papers: listPapers(db(), 8),
    steps: firstSteps(db(), sittings),
    log: recentLog(db(), 60)
  };
};
