import type { Option } from '@zealous-quill/core/exams';
import type { MarkedItem, Response } from '@zealous-quill/core/marking';
import type { Printed, Snapshot } from '@zealous-quill/core/papers';
import { skillOf, WorkedItem } from '@zealous-quill/core/skill';

/** A part as it was when the paper was sat. */
interface DeskItem extends Pick<Snapshot, 'item' | 'scheme'> {
  readonly printed: Pick<Printed, 'layout'>;
  readonly id: number;
  readonly number: number;
  readonly label: string;
  readonly kind: string;
  /** Of a choice, what it is chosen from. */
  readonly options?: readonly Option[];
  /** Whether it counts: left out, or full marks for all. */
  readonly withdrawn?: 'no' | 'full-marks' | 'left-out';
}

export interface DeskScript {
  readonly id: number;
  readonly name: string;
  /** What its form is called, where the paper has several. */
  readonly form?: string;
}

/** One response: a part on a script. */
export interface Place {
  readonly script: DeskScript;
  readonly item: DeskItem;
}

export type SavedEntry = Response & { readonly version: number };

export const keyOf = (place: Place): string => `${place.script.id}/${place.item.id}`;

/** What is gone through: one script part by part, or one part script by script. */
export interface Sheaf<Script extends DeskScript, Item extends DeskItem> {
  readonly by: 'script' | 'question';
  readonly scriptId: number;
  readonly itemId: number;
  readonly scripts: readonly (Script & { readonly isAbsent: boolean; readonly formId: number })[];
  readonly parts: readonly (Item & { readonly formId: number })[];
}

/** The responses of a sheaf, in their order; of a question, those of every form, and of nobody who was absent. */
export function pileOf<Script extends DeskScript, Item extends DeskItem>({
  by,
  scriptId,
  itemId,
  scripts,
  parts
}: Sheaf<Script, Item>): Place[] {
  if (by === 'script') {
    const script = scripts.find(({ id }) => id === scriptId)!;
    return parts.map((item) => ({ item, script }));
  }
  return scripts
    .filter(({ isAbsent }) => !isAbsent)
    .flatMap((script) => {
      const item = parts.find(({ id, formId }) => id === itemId && formId === script.formId);
      return item ? [{ script, item }] : [];
    });
}

const workings = new WeakMap<DeskItem, WorkedItem>();

/** The item with its working, laid out once for all scripts. */
export function workedOf(one: DeskItem): WorkedItem {
  let worked = workings.get(one);
  if (!worked) {
    const { skill, given, school } = one.item;
    workings.set(one, (worked = new WorkedItem(skillOf(skill), given, school)));
  }
  return worked;
}

/** The marks of a response: those given by hand, else those proposed. */
export function awardedIn({ marks }: MarkedItem, { given }: Response): number {
  return marks.lines.reduce((sum, { id, awarded }) => sum + (given[id]?.given ?? awarded), 0);
}
