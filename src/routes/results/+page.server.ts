import { db } from '$lib/server/database/base/connection';
import { sittingResults } from '$lib/server/database/marking/sitting-results';
import { findSittings, sittingChoices } from '$lib/server/database/sittings/sittings';
import { readListQuery } from '$lib/server/database/base/list-query';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => {
  const query = readListQuery(url);
  const sittings = findSittings(db(), { ...query, state: 'begun' });
  return {
    sittings,
    results: sittingResults(db(), sittings.rows),
    choices: sittingChoices(db(), query.isArchived)
  };
};
