import { db } from '$lib/server/database/connection';
import { findSittings, sittingChoices } from '$lib/server/database/sittings';
import { readListQuery } from '$lib/server/list-query';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({
  sittings: findSittings(db(), readListQuery(url)),
  choices: sittingChoices(db(), readListQuery(url).isArchived)
});
