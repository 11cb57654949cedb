/** What the desk asks for first. */
export type NextWork<Sitting, Paper, Marked> =
  | { readonly kind: 'mark'; readonly sitting: Sitting }
  | { readonly kind: 'sit'; readonly paper: Paper }
  | { readonly kind: 'practise'; readonly sitting: Marked }
  | null;

/** What is known of a department. */
interface Known<Sitting, Paper, Marked> {
  /** Sittings of which something is still to be marked. */
  readonly open: readonly Sitting[];
  /** Papers, and sittings that are marked as a whole, the newest first. */
  readonly papers: readonly Paper[];
  readonly done: readonly Marked[];
}

/**
 * Marking comes first: what is begun before what is not, and then what has waited longest. Where nothing is
 * to be marked, a practice or exam with items waits to be sat; otherwise the newest results can be practised.
 */
export function nextWork<
  Sitting extends { readonly satOn: string; readonly marked: number },
  Paper extends { readonly isSat: boolean; readonly itemCount: number },
  Marked
>({ open, papers, done }: Known<Sitting, Paper, Marked>): NextWork<Sitting, Paper, Marked> {
  const [sitting] = byTurn(open);
  if (sitting) return { kind: 'mark', sitting };
  const paper = papers.find(({ isSat, itemCount }) => !isSat && itemCount > 0);
  if (paper) return { kind: 'sit', paper };
  const [marked] = done;
  return marked ? { kind: 'practise', sitting: marked } : null;
}

/** Sittings in the order in which they are to be marked. */
export function byTurn<Sitting extends { readonly satOn: string; readonly marked: number }>(
  open: readonly Sitting[]
): Sitting[] {
  return open.toSorted(
    (one, other) =>
      Number(other.marked > 0) - Number(one.marked > 0) || one.satOn.localeCompare(other.satOn)
  );
}
