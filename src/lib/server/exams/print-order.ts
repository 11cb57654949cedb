import { formLabel } from '@zealous-quill/core/exams';
import type { Db } from '../database/base/db';
import type { Dealing } from '../database/exams/dealing';
import { dealtForms } from '../database/people/dealt-forms';
import { readForms } from '../database/exams/forms';

/** Extra time is a quarter of the time (common practice). */
const EXTRA = 0.25;

/** One print: a form in a size, how often it is wanted and, where that is not everyone, for whom. */
interface OrderedPrint {
  readonly form: string;
  readonly size: number;
  readonly copies: number;
  readonly pupils: readonly string[];
}

/** What has to be printed for some classes, and who writes for longer. */
export interface PrintOrder {
  readonly prints: readonly OrderedPrint[];
  /** How many scripts there are of each size, with the names of those who write them. */
  readonly named: readonly { readonly size: number; readonly scripts: number }[];
  readonly extraTime: readonly { readonly name: string; readonly group: string }[];
  readonly minutes: number;
  readonly minutesWithExtra: number;
}

/** The order of prints of an exam for some classes, with the forms dealt in a way. */
export function printOrder(
  db: Db,
  paperId: number,
  { classIds, dealing, minutes }: { classIds: readonly number[]; dealing: Dealing; minutes: number }
): PrintOrder {
  const forms = readForms(db, paperId);
  const all = dealtForms(db, paperId, { classIds, dealing });
  const prints = new Map<
    string,
    { form: string; size: number; copies: number; pupils: string[] }
  >();
  for (const { name, form, largePrint } of all) {
    const label = formLabel(form);
    const key = `${label}/${largePrint}`;
    const print = prints.get(key) ?? { form: label, size: largePrint, copies: 0, pupils: [] };
    print.copies++;
    if (largePrint > 0 || form.kind === 'pupil') print.pupils.push(name);
    prints.set(key, print);
  }
  for (const spare of dealing === 'own' ? forms.filter(({ kind }) => kind === 'spare') : []) {
    const label = formLabel(spare);
    prints.set(label, { form: label, size: 0, copies: 1, pupils: [] });
  }
  const sizes = [...new Set(all.map(({ largePrint }) => largePrint))].toSorted((a, b) => a - b);
  return {
    prints: [...prints.values()],
    named: sizes.map((size) => ({
      size,
      scripts: all.filter(({ largePrint }) => largePrint === size).length
    })),
    extraTime: all.filter(({ extraTime }) => extraTime).map(({ name, group }) => ({ name, group })),
    ...{ minutes, minutesWithExtra: Math.ceil(minutes * (1 + EXTRA)) }
  };
}
