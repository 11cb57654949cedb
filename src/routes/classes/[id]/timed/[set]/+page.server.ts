import { findCard } from '@zealous-quill/core/catalogue';
import { readClass } from '$lib/server/database/people/classes';
import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { readTimedSet, removeTimedSet } from '$lib/server/database/people/timed';
import { idOf } from '$lib/server/http/form-fields';
import { timedCells } from '$lib/server/http/timed-cells';
import { error, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** Scores and times of a class on the sheets of a set. */
export const load: PageServerLoad = ({ params }) => {
  const { group, set, title } = found(params);
  const { entries, ...shown } = set;
  return {
    ...{ set: shown, title, style: readHouseStyle(db()) },
    group: {
      ...{ id: group.id, name: group.name },
      pupils: group.pupils.map(({ id, name }) => ({ id, name }))
    },
    cells: timedCells(entries)
  };
};

function found({ id, set: setId }: { id: string; set: string }) {
  const group = readClass(db(), idOf(id) ?? 0);
  const set = group && readTimedSet(db(), group.id, idOf(setId) ?? 0);
  if (!group || !set) error(404, 'There is no such timed practice.');
  return { group, set, title: findCard(set.skill)?.title ?? set.skill };
}

export const actions: Actions = {
  remove: ({ params }) => {
    const { group, set, title } = found(params);
    const { bin } = removeTimedSet(db(), set, `Timed practice: ${title.toLowerCase()}`);
    redirect(303, `/classes/${group.id}?removed=${bin}`);
  }
};
