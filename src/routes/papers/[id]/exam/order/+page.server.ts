import { allowedMinutes, partsIn, partTotals } from '@zealous-quill/core/exams';
import { listClasses } from '$lib/server/database/people/classes';
import { db } from '$lib/server/database/base/connection';
import { readDefaultSchemes } from '$lib/server/database/papers/default-schemes';
import { dealings } from '$lib/server/database/exams/dealing';
import { readForms } from '$lib/server/database/exams/forms';
import { readExam } from '$lib/server/database/exams/exams';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { idOf } from '$lib/server/http/form-fields';
import { printOrder } from '$lib/server/exams/print-order';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** What has to be printed of an exam for the classes that the address names. */
export const load: PageServerLoad = ({ params, url }) => {
  const stored = readExam(db(), idOf(params.id) ?? 0);
  if (!stored) error(404, 'There is no such exam.');
  const { id, exam, style } = stored;
  const classIds = url.searchParams.getAll('class').flatMap((one) => idOf(one) ?? []);
  const dealing = dealings.find((one) => one === url.searchParams.get('forms')) ?? 'first';
  const context = { style: style ?? readHouseStyle(db()), defaults: readDefaultSchemes(db()) };
  const minutes = allowedMinutes(exam, partTotals(partsIn(exam), context).seconds);
  return {
    ...{ id, title: exam.title, classIds, dealing },
    classes: listClasses(db()),
    forms: readForms(db(), id).map(({ kind, letter }) => ({ kind, letter })),
    order: printOrder(db(), id, { classIds, dealing, minutes })
  };
};
