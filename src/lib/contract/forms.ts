import type { FormComparison } from '@zealous-quill/core/exams';

/** How a part compares over the forms, as the page shows it: the features that differ by their titles. */
export type ShownComparison = FormComparison;
