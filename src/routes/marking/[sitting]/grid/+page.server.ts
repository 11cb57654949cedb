import { availableMarks } from '@zealous-quill/core/schemes';
import { isMarked } from '@zealous-quill/core/papers';
import { db } from '$lib/server/database/base/connection';
import { readMarkCells } from '$lib/server/database/marking/responses';
import { listScripts } from '$lib/server/database/sittings/scripts';
import { readSitting } from '$lib/server/database/sittings/sittings';
import { readSat } from '$lib/server/database/sittings/snapshots';
import { isUnused } from '$lib/server/database/sittings/spares';
import { idOf } from '$lib/server/http/form-fields';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** The marks of a sitting, pupils by parts; in the order of the register, or form by form (`?by=form`). */
export const load: PageServerLoad = ({ params, url }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const { parts, damage } = readSat(db(), sitting.paperId);
  const scripts = listScripts(db(), sitting.id).filter((script) => !isUnused(script));
  const isByForm = url.searchParams.get('by') === 'form';
  const forms = [...new Set(scripts.map(({ formId }) => formId))].toSorted(
    (one, other) => one - other
  );
  const ordered = isByForm
    ? forms.flatMap((form) => scripts.filter(({ formId }) => formId === form))
    : scripts;
  return {
    sitting,
    damage,
    isByForm,
    parts: parts
      .filter((part) => isMarked(part))
      .map(({ id, label, scheme, item, withdrawn }) => ({
        ...{ id, label, withdrawn, prompt: item.prompt },
        available: availableMarks(scheme)
      })),
    scripts: ordered.map(({ id, name, isAbsent, form }) => ({ id, name, isAbsent, form })),
    marks: readMarkCells(db(), sitting.id)
  };
};
