import {
  assemble,
  formsOf,
  type Assembled,
  type Blueprint,
  type Forms,
  type FormsAsked,
  examSnapshots,
  type FormSnapshot,
  type House,
  type SnapshotsAsked
} from '@zealous-quill/core/exams';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import { quickSheets, type QuickAsked, type QuickSheets } from '@zealous-quill/core/quick';
import {
  fromPlans,
  practiceFor,
  startLadder,
  withToldRung,
  type Need,
  type Paper,
  type PracticeOptions
} from '@zealous-quill/core/papers';
import {
  analyseItem,
  drawItems,
  explainEmpty,
  itemsUnder,
  countSuiting,
  skillOf,
  type Conflict,
  type Controls,
  type DrawError,
  type Item,
  type Suiting
} from '@zealous-quill/core/skill';
import type { Context, ContextProblem } from '@zealous-quill/core/catalogue';
import { contextProblems } from '@zealous-quill/core/catalogue/all';
import { COUNT_WORK, DRAW_WORK, tryWithin, withinWork } from '@zealous-quill/core/spaces';
import { makeBackup } from '../archive/archive';
import { type Reason } from '../archive/reasons';
import { unpack, type UnpackAsked, type Unpacked } from '../archive/unpack';
import { pictureProblem, type Uploaded } from '../pictures/check-picture';
import { solver } from './solver';

/** Items of a skill under controls that were read already. */
export interface ItemsAsked {
  readonly skill: string;
  readonly controls: Controls;
}

interface DrawAsked extends ItemsAsked {
  readonly count: number;
  readonly seed: number;
  readonly school: string | undefined;
  readonly style: HouseStyle;
}

type Drawn =
  | { readonly ok: true; readonly items: Item[]; readonly population: bigint }
  | { readonly ok: false; readonly error: DrawError };

interface QuickAskedOf extends QuickAsked {
  readonly skill: string;
  readonly style: HouseStyle;
}

export interface AssemblyAsked {
  readonly plan: Blueprint;
  readonly seed: number;
  /** Of the department; the usual one for others. */
  readonly house?: House;
}

interface SuitingAsked {
  readonly skills: readonly string[];
  readonly digits: number;
}

interface PaperAsked extends ItemsAsked {
  readonly seed: number;
  readonly style: HouseStyle;
}

interface PracticeAsked {
  readonly title: string;
  readonly needs: readonly Need[];
  readonly options: PracticeOptions;
}

interface BackupAsked {
  readonly file: string;
  readonly folder: string;
  readonly reason: Reason;
}

/** A paper of one rung holds so many items. */
const ONE_RUNG = 8;

/** Work that papers and exams may ask for; a million units take about a second on a usual machine. */
const PAPER_WORK = 30e6;
const EXAM_WORK = 60e6;
/** Work that is spent on finding out which control makes a request too hard. */
const LIGHTER_WORK = 12e6;

/** A task that may ask for so much work and no more. */
const within =
  <Asked, Result>(most: number, task: (asked: Asked) => Result) =>
  (asked: Asked): Result =>
    withinWork(most, () => task(asked));

/** What may take long, by name: each is given plain data and gives plain data, so that it can be done by another thread. */
export const tasks = {
  /** What a context of problems lacks. */
  contextProblems: (context: Context): ContextProblem[] => contextProblems(context),

  count({ skill: id, controls }: ItemsAsked): { count: bigint } & Partial<Conflict> {
    const skill = skillOf(id);
    const count = withinWork(COUNT_WORK, () => itemsUnder(skill, controls).count);
    return count > 0n ? { count } : { count, ...explainEmpty(skill, controls) };
  },

  /** Controls without any one of which the items can be counted; all of them if none was found. */
  lighter({ skill: id, controls }: ItemsAsked): string[] {
    const names = Object.keys(controls);
    const light: string[] = [];
    tryWithin(LIGHTER_WORK, () => {
      // The last named are mostly those that tell most items apart.
      for (const name of [...names].reverse()) {
        const others = Object.fromEntries(Object.entries(controls).filter(([one]) => one !== name));
        const count = () => itemsUnder(skillOf(id), others).count;
        if (tryWithin(COUNT_WORK, count) !== undefined) light.push(name);
      }
    });
    return light.length > 0 ? light : names;
  },

  draw: within(DRAW_WORK, ({ skill: id, controls, count, seed, ...how }: DrawAsked): Drawn => {
    const skill = skillOf(id);
    withinWork(COUNT_WORK, () => itemsUnder(skill, controls).ranked());
    const drawn = drawItems(skill, { controls, count, seed });
    if (!drawn.ok) return drawn;
    const items = drawn.given.map((given) => analyseItem(skill, given, how));
    return { ok: true, items, population: drawn.population };
  }),

  /** The usual ladder of a skill within some controls. */
  ladder: within(PAPER_WORK, ({ skill, controls, seed, style }: PaperAsked): Paper =>
    withToldRung(
      startLadder(skill, skillOf(skill).title, { seed, style, kept: controls }),
      skillOf(skill),
      { style, kept: controls }
    )
  ),

  /** A paper of one rung with these controls; undefined if there are no items. */
  rung: within(PAPER_WORK, ({ skill: id, controls, seed, style }: PaperAsked) => {
    const { usable } = itemsUnder(skillOf(id), controls);
    const count = usable < BigInt(ONE_RUNG) ? Number(usable) : ONE_RUNG;
    if (count === 0) return undefined;
    const plan = { skill: id, kind: 'bare' as const, controls, count };
    return fromPlans(skillOf(id).title, seed, [plan], style);
  }),

  /** A paper of what some pupils need; undefined if nothing is left that they have not met. */
  practice: within(EXAM_WORK, ({ title, needs, options }: PracticeAsked): Paper | undefined =>
    practiceFor(title, needs, options)
  ),

  /** How many sums of a size suit each of some ways of working. */
  suiting: within(EXAM_WORK, ({ skills, digits }: SuitingAsked): Record<string, Suiting> =>
    Object.fromEntries(skills.map((id) => [id, countSuiting(skillOf(id), digits)]))
  ),

  /** Sheets of quick practice; undefined if there are no items. */
  quick: within(PAPER_WORK, ({ skill, style, ...asked }: QuickAskedOf): QuickSheets | undefined =>
    quickSheets(skillOf(skill), asked, style)
  ),

  /** An exam that meets a plan, or why there is none. */
  assemble: async ({ plan, seed, house }: AssemblyAsked): Promise<Assembled> =>
    assemble(plan, seed, await solver(), house),

  /** Equivalent forms of the parts of a paper, or the parts that ask for too much. */
  forms: (asked: FormsAsked): Forms => formsOf(asked),

  /** Everything of every form of an exam that is about to be sat. */
  snapshots: (asked: SnapshotsAsked): FormSnapshot[] => examSnapshots(asked),

  /** Why an uploaded picture cannot be shown or printed; null if nothing is wrong with it. */
  picture: (uploaded: Uploaded): string | null => pictureProblem(uploaded),

  /** Makes a backup of a database file; gives its name in the folder. */
  backup: ({ file, folder, reason }: BackupAsked): Promise<string> =>
    makeBackup(file, folder, reason),

  /** Takes a backup apart, checks it and brings it up to date, in a folder of its own. */
  unpack: (asked: UnpackAsked): Promise<Unpacked> => unpack(asked)
};

export type Tasks = typeof tasks;

/** A task by name: it is given plain data. */
export type Task = (asked: never) => unknown;
