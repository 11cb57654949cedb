import { db } from '$lib/server/database/base/connection';
import { recentLog } from '$lib/server/database/records/logbook';
import { firstSteps } from '$lib/server/database/sittings/first-steps';
import { listPapers } from '$lib/server/database/papers/papers';
import { findSittings, listSittings } from '$lib/server/database/sittings/sittings';
import { waitingScripts } from '$lib/server/database/sittings/waiting';
import { everything } from '$lib/server/database/base/list-query';
import { today } from '$lib/server/http/today';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
  const sittings = listSittings(db(), 12);
  const open = findSittings(db(), { ...everything, state: 'open' }).rows;
  return {
    open,
    done: sittings.filter(({ marked, toMark }) => marked >= toMark),
    waiting: waitingScripts(db(), open),
    papers: listPapers(db(), 8),
    steps: firstSteps(db(), sittings),
    today: today(),
    log: recentLog(db(), 60)
  };
};
