import { db } from '$lib/server/database/base/connection';
import { findSittings, sittingChoices } from '$lib/server/database/sittings/sittings';
import { readListQuery } from '$lib/server/database/base/list-query';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({
  sittings: findSittings(db(), { ...readListQuery(url), state: 'begun' }),
  choices: sittingChoices(db(), readListQuery(url).isArchived)
});
