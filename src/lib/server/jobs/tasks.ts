import {
  assemble,
  formsOf,
  type Assembled,
  type Blueprint,
  type Forms,
  type FormsAsked
} from '@zealous-quill/core/exams';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import { quickSheets, type QuickAsked, type QuickSheets } from '@zealous-quill/core/quick';
import {
  fromPlans,
  practiceFor,
  startLadder,
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
} from '@zealous-quill/core/skills';
import '@zealous-quill/core/skills/all';
import { makeBackup, type Reason } from '../backup/archive';
import { unpack, type UnpackAsked, type Unpacked } from '../backup/unpack';
import { renderFeedback, renderPdf, renderQuick } from '../print/compile';
import type { QuickDocument } from '../print/quick';
import type { FeedbackDocument } from '../print/feedback';
import { renderPreview, type Preview } from '../print/preview';
import { solver } from './solver';
import { examSnapshots, type FormSnapshot, type SnapshotsAsked } from '../exam-snapshots';
import type { ExamPrintAsked } from '../print/exam-print-of';
import { documentOf, type PrintAsked } from '../print/print-of';

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

/** What may take long, by name: each is given plain data and gives plain data, so that it can be done by another thread. */
export const tasks = {
  count({ skill: id, controls }: ItemsAsked): { count: bigint } & Partial<Conflict> {
    const skill = skillOf(id);
    const { count } = itemsUnder(skill, controls);
    return count > 0n ? { count } : { count, ...explainEmpty(skill, controls) };
  },

  /** The controls without any one of which the items can be counted: each is reported as soon as that is known. */
  lighter({ skill: id, controls }: ItemsAsked, report: (name: string) => void): void {
    // The last named are mostly those that tell most items apart.
    for (const name of Object.keys(controls).reverse()) {
      const others = Object.fromEntries(Object.entries(controls).filter(([one]) => one !== name));
      void itemsUnder(skillOf(id), others).count;
      report(name);
    }
  },

  draw({ skill: id, controls, count, seed, school, style }: DrawAsked): Drawn {
    const skill = skillOf(id);
    const drawn = drawItems(skill, { controls, count, seed });
    if (!drawn.ok) return drawn;
    const items = drawn.given.map((given) => analyseItem(skill, given, { school, style }));
    return { ok: true, items, population: drawn.population };
  },

  /** The usual ladder of a skill within some controls. */
  ladder({ skill, controls, seed, style }: PaperAsked): Paper {
    return startLadder(skill, skillOf(skill).title, { seed, style, kept: controls });
  },

  /** A paper of one rung with these controls; undefined if there are no items. */
  rung({ skill: id, controls, seed, style }: PaperAsked): Paper | undefined {
    const { usable } = itemsUnder(skillOf(id), controls);
    const count = usable < BigInt(ONE_RUNG) ? Number(usable) : ONE_RUNG;
    if (count === 0) return undefined;
    const plan = { skill: id, kind: 'bare' as const, controls, count };
    return fromPlans(skillOf(id).title, seed, [plan], style);
  },

  practice: ({ title, needs, options }: PracticeAsked): Paper | undefined =>
    practiceFor(title, needs, options),

  /** How many sums of a size suit each of some ways of working. */
  suiting: ({ skills, digits }: SuitingAsked): Record<string, Suiting> =>
    Object.fromEntries(skills.map((id) => [id, countSuiting(skillOf(id), digits)])),

  /** Sheets of quick practice; undefined if there are no items. */
  quick: ({ skill, style, ...asked }: QuickAskedOf): QuickSheets | undefined =>
    quickSheets(skillOf(skill), asked, style),

  /** Quick practice as a PDF file. */
  quickPrint: (document: QuickDocument): Uint8Array => renderQuick(document),

  /** An exam that meets a plan, or why there is none. */
  assemble: async ({ plan, seed }: { plan: Blueprint; seed: number }): Promise<Assembled> =>
    assemble(plan, seed, await solver()),

  /** Equivalent forms of the parts of a paper. */
  forms: (asked: FormsAsked): Forms => formsOf(asked),

  /** Everything of every form of an exam that is about to be sat. */
  snapshots: (asked: SnapshotsAsked): FormSnapshot[] => examSnapshots(asked),

  /** A print as a PDF file. */
  print: (asked: PrintAsked | ExamPrintAsked): Uint8Array => renderPdf(documentOf(asked)),

  /** A print as the screen shows it. */
  preview: (asked: PrintAsked | ExamPrintAsked): Preview => renderPreview(documentOf(asked)),

  /** The slips that go back to a class, as a PDF file. */
  feedback: (document: FeedbackDocument): Uint8Array => renderFeedback(document),

  /** Makes a backup of a database file; gives its name in the folder. */
  backup: ({ file, folder, reason }: BackupAsked): Promise<string> =>
    makeBackup(file, folder, reason),

  /** Takes a backup apart, checks it and brings it up to date, in a folder of its own. */
  unpack: (asked: UnpackAsked): Promise<Unpacked> => unpack(asked)
};

export type Tasks = typeof tasks;

/** A task by name: it is given plain data and may report on its way. */
export type Task = (asked: never, report: (text: string) => void) => unknown;
