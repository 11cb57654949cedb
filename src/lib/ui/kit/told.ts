/** Something that was done, said in passing, and how to take it back. */
export interface Told {
  readonly text: string;
  readonly undo: (() => unknown) | null;
  /** Called when it can no longer be taken back. */
  readonly done?: () => void;
}
