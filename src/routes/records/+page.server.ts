import { subjectKinds, type Subject } from '$lib/server/database/base/change';
import { db } from '$lib/server/database/base/connection';
import { nameOf, readLog, scriptDecisions } from '$lib/server/database/records/logbook';
import { idOf } from '$lib/server/http/form-fields';
import { readListQuery } from '$lib/server/database/base/list-query';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** The log of the department, or of one record: `?paper=3`, `?class=2`, `?script=14`. */
export const load: PageServerLoad = ({ url }) => {
  const about = aboutOf(url.searchParams);
  const named = about && nameOf(db(), ...about);
  if (about && !named) error(404, 'This record is not there any more.');
  return {
    about: named ?? null,
    log: readLog(db(), about, readListQuery(url).page),
    decisions: about?.[0] === 'script' ? scriptDecisions(db(), about[1]) : []
  };
};

function aboutOf(asked: URLSearchParams): Subject | undefined {
  for (const kind of subjectKinds) {
    const id = idOf(asked.get(kind));
    if (id !== undefined) return [kind, id];
  }
  return undefined;
}
