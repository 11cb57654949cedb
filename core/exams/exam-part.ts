import type { PartKind } from './blueprint';
import type { Option } from './choice';
import type { PartClass } from './part-class';

/** A part of an assembled exam. */
export interface ExamPart {
  readonly row: string;
  /** Empty for rows that name none. */
  readonly section: string;
  /** The number of its question, counted through the paper. */
  readonly question: number;
  /** Null for a question of one's own, which has nothing given either. */
  readonly skill: string | null;
  readonly school: string | null;
  readonly given: unknown;
  readonly kind: PartKind;
  readonly marks: number;
  /** In hundredths of a logit, as the item is analysed. */
  readonly difficulty: number;
  readonly seconds: number;
  readonly options?: readonly Option[];
}

/** A part before it has its place. */
export interface DrawnPart extends Omit<ExamPart, 'question'> {
  readonly of: PartClass;
}
