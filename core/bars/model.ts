/** A stretch of a row: from and to in hundredths of the width. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  /** What is written at it: a number with its unit, `?` for what is not known, `…` for what is not drawn. */
  readonly says: string;
  /** The quantity that stands at it; boxes with the same one are equally long. */
  readonly quantity?: string;
}

export interface Row {
  readonly label: string;
  /** Side by side without gaps. */
  readonly boxes: readonly Stretch[];
  /** Over the boxes: what some of them make together. */
  readonly braces: readonly Stretch[];
}

/** A picture of how quantities hang together: equal quantities are equal boxes. */
export interface BarModel {
  readonly rows: readonly Row[];
  /** A brace beside several rows: what they make together. */
  readonly total?: Omit<Stretch, 'from' | 'to'> & { readonly rows: readonly number[] };
}

/** The model read aloud, a sentence for each row, in order. */
export function readModel({ rows, total }: BarModel): string[] {
  const sentences = rows.map(({ label, boxes, braces }, at) => {
    const name = label === '' ? `Row ${at + 1}` : label;
    const parts = boxes.map(({ says }) => spoken(says));
    const whole = braces.map(({ says }) => `; together ${spoken(says)}`).join('');
    return `${name}: ${runsOf(parts).join(', then ')}${whole}.`;
  });
  return total ? [...sentences, `All rows together: ${spoken(total.says)}.`] : sentences;
}

const spoken = (says: string): string =>
  says === '?' ? 'not known' : says === '…' ? 'and so on' : says === '' ? 'one more' : says;

/** Boxes that are alike, counted: *5 boxes of 12 kg*. */
function runsOf(parts: readonly string[]): string[] {
  const runs: { text: string; count: number }[] = [];
  for (const text of parts) {
    const last = runs.at(-1);
    if (last && text === 'one more') last.count++;
    else runs.push({ text, count: 1 });
  }
  return runs.map(({ text, count }) => (count === 1 ? text : `${count} equal boxes, each ${text}`));
}

/** Room for what somebody writes in the place of what is not known, in characters. */
const WRITTEN = 9;

/** The model with room for what is written for quantities that are not known. */
export function withRoom({ rows, total }: BarModel): BarModel {
  const roomy = <One extends Omit<Stretch, 'from' | 'to'>>(one: One): One =>
    one.says === '?' && one.quantity !== undefined
      ? { ...one, says: one.says.padEnd(WRITTEN) }
      : one;
  return {
    rows: rows.map(({ label, boxes, braces }) => ({
      label,
      boxes: boxes.map(roomy),
      braces: braces.map(roomy)
    })),
    ...(total && { total: roomy(total) })
  };
}

/** What a model shows: all of it, or only what the problem tells. */
export type Shown = 'solved' | 'gaps';

/** The model with its numbers left out, to be written in. */
export function withoutNumbers({ rows, total }: BarModel): BarModel {
  const blank = <One extends Stretch>(one: One): One => ({
    ...one,
    says: one.says === '…' ? one.says : ''
  });
  return {
    rows: rows.map(({ label, boxes, braces }) => ({
      label,
      boxes: boxes.map(blank),
      braces: braces.map(blank)
    })),
    ...(total && { total: { ...total, says: '' } })
  };
}
