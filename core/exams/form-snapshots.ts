import type { HouseStyle } from '../house-style';
import { examOnForm, type ExamForm } from './exam-form';
import type { Exam } from './exam-schema';
import { partSnapshot, type DefaultSchemes, type PartSnapshot } from './paper-part';
import { partsIn } from './parts-in';

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
