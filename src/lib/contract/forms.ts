/** How a part compares over the forms, as the page shows it. */
export interface ShownComparison {
  readonly part: string;
  /** Groups of forms that have the same item. */
  readonly sameItem: readonly (readonly string[])[];
  /** Groups of forms whose items differ and have the same answer. */
  readonly sameAnswer: readonly (readonly string[])[];
  /** Titles of the features that differ. */
  readonly differs: readonly string[];
}
