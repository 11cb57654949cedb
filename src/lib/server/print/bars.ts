import {
  drawModel,
  readModel,
  withoutNumbers,
  type BarModel,
  type Drawing
} from '@zealous-quill/core/bars';
import type { Printed } from '@zealous-quill/core/papers';

/** Bars as they are printed: a drawing in points, and what it says in words. */
export interface PrintedBars extends Drawing {
  /** Of its text, in points. */
  readonly size: number;
  readonly alt: string;
}

/** Half the width of a page, in points, and the size of text in bars. */
const WIDTH = 218;
const SIZE = 9;

const drawn = (model: BarModel): PrintedBars => ({
  ...drawModel(model, { width: WIDTH, size: SIZE }),
  ...{ size: SIZE, alt: `Bar model. ${readModel(model).join(' ')}` }
});

/**
 * The bars beside an item: solved in a worked example and in solutions, as it is told where some of the working stands, empty
 * where it is set out; none where a pupil finds the way alone.
 */
export function barsOf(
  kind: string,
  { models }: Pick<Printed, 'models'>,
  isSolved: boolean
): PrintedBars | null {
  if (!models) return null;
  if (isSolved || kind === 'worked-example') return drawn(models.solved);
  if (kind === 'gaps') return drawn(models.told);
  return kind === 'set-out' ? drawn(withoutNumbers(models.told)) : null;
}
