import {
  type DefaultSchemes,
  type Exam,
  type ExamForm,
  type PartScheme,
  type PartSnapshot
} from '@zealous-quill/core/exams';
import { type HouseStyle, type TypedRun } from '@zealous-quill/core/house-style';
import type { Picture } from '@zealous-quill/core/working';

export const examPrintKinds = ['paper', 'key', 'scheme', 'solutions', 'answer-sheet'] as const;

export type ExamPrintKind = (typeof examPrintKinds)[number];

/** Sizes of print in points; the first is the usual one. */
export const printSizes = [0, 18, 24] as const;

export type PrintSize = (typeof printSizes)[number];

/** A form to be printed: its numbers, and what was kept of it where it was sat. */
export interface PrintForm extends ExamForm {
  /** The pupil whose it is. */
  readonly name: string | null;
  /** The class of the pupil; null where it is not known. */
  readonly group: string | null;
  readonly kept: Readonly<Record<string, PartSnapshot>> | null;
}

/** Everything that prints of an exam are made of. */
export interface ExamPrint {
  readonly exam: Exam;
  readonly edition: number;
  /** Or has been sat: what was in pupils' hands is no draft. */
  readonly isApproved: boolean;
  /** The forms that are printed, and how many the exam has. */
  readonly forms: readonly PrintForm[];
  readonly isOneOfMany: boolean;
  readonly kind: ExamPrintKind;
  readonly size: PrintSize;
  readonly style: HouseStyle;
  readonly defaults: DefaultSchemes;
}

/** An exam as the Typst template sets it: each form a paper of its own, or what they have in common once. */
export interface ExamDocument {
  readonly kind: ExamPrintKind;
  readonly title: string;
  readonly subtitle: string;
  readonly paper: HouseStyle['paper'];
  /** Side of a square in millimetres, and the size of print in points. */
  readonly square: number;
  readonly size: number;
  readonly isDraft: boolean;
  /** Whether it says where its questions begin. */
  readonly places: boolean;
  readonly footer: string;
  readonly cover: CoverPage;
  readonly papers: readonly PrintedForm[];
  /** What the forms of a key are called, and their answers beside each other. */
  readonly forms: readonly string[];
  readonly keys: readonly KeyRow[];
}

export interface CoverPage {
  readonly department: string;
  readonly level: string;
  readonly date: string;
  readonly minutes: number;
  readonly marks: number;
  readonly allowed: string;
  /** Whether and where a calculator may be used, in words. */
  readonly calculator: string;
  /** Of several sections, what each is called and worth. */
  readonly sections: readonly {
    readonly title: string;
    readonly marks: number;
    readonly note: string;
  }[];
  /** Ways of answering that occur, for which an example stands on the cover. */
  readonly answering: readonly ('choice' | 'line' | 'squares')[];
  readonly instructions: readonly string[];
  readonly formulas: readonly (readonly TypedRun[])[];
  readonly formulasAt: 'cover' | 'last';
  readonly questions: readonly { readonly number: number; readonly marks: number }[];
}

export interface PrintedForm {
  /** Empty where there is one form only. */
  readonly form: string;
  /** Of the pupil and of the class; empty where whoever writes it puts them in. */
  readonly name: string;
  readonly group: string;
  readonly sections: readonly PrintedSection[];
}

interface PrintedSection {
  readonly id: string;
  readonly title: string;
  readonly note: string;
  readonly marks: number;
  readonly questions: readonly PrintedQuestion[];
}

export interface PrintedQuestion {
  readonly id: string;
  readonly number: number;
  readonly marks: number;
  readonly startsPage: boolean;
  /** Has room beside another in one row. */
  readonly isNarrow: boolean;
  /** May be longer than a page. */
  readonly isLong: boolean;
  readonly stem: readonly TypedRun[];
  readonly parts: readonly PrintedPart[];
}

export interface PrintedPart {
  readonly label: string;
  readonly letter: string;
  readonly marks: number;
  readonly seconds: number;
  /** What is asked: runs of an own question, or a line of a skill. */
  readonly prompt: readonly TypedRun[];
  readonly drawing: { readonly name: string; readonly alt: string } | null;
  readonly picture: Picture | null;
  readonly alt: string;
  readonly options: readonly string[];
  readonly space: { readonly kind: string; readonly height: number; readonly unit: string };
  readonly answer: string;
  readonly explanation: readonly string[];
  readonly scheme: PartScheme | null;
  readonly guidance: readonly TypedRun[];
}

/** A part with its answer on each of some forms, and of a single one the wrong answers that name an error. */
export interface KeyRow {
  readonly label: string;
  readonly marks: number;
  readonly answers: readonly string[];
  readonly wrong: PartScheme['wrong'];
}
