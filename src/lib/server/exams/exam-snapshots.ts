import {
  examOnForm,
  partSnapshot,
  partsIn,
  type DefaultSchemes,
  type Exam,
  type ExamForm,
  type PartSnapshot
} from '@zealous-quill/core/exams';
import type { HouseStyle } from '@zealous-quill/core/house-style';

/** What the snapshots of an exam are made of, to be handed to another thread. */
export interface SnapshotsAsked {
  readonly exam: Exam;
  readonly forms: readonly (Pick<ExamForm, 'given'> & { readonly id: number })[];
  readonly style: HouseStyle;
  readonly defaults: DefaultSchemes;
}

/** A part of a form as it is when the exam is sat. */
export interface FormSnapshot extends PartSnapshot {
  readonly formId: number;
  /** The id of the part on the paper. */
  readonly part: string;
}

/** Everything of every form of an exam, as it is kept when it is sat. */
export function examSnapshots({ exam, forms, style, defaults }: SnapshotsAsked): FormSnapshot[] {
  return forms.flatMap(({ id: formId, given }) =>
    partsIn(examOnForm(exam, { given })).map((part) => ({
      ...partSnapshot(part, { seed: exam.seed, style, defaults }),
      ...{ formId, part: part.id }
    }))
  );
}
