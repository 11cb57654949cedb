/** A stretch of a row: from and to in hundredths of the width. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  /** What is written at it: a number with its unit, `?` for what is not known, `…` for what is not drawn. */
  readonly says: string;
}

/** A box of a row; boxes with the same quantity are equally long. */
export interface Box extends Stretch {
  readonly quantity?: string;
}

export interface Row {
  readonly label: string;
  /** Side by side without gaps. */
  readonly boxes: readonly Box[];
  /** Over the boxes: what some of them make together. */
  readonly braces: readonly Stretch[];
}

/** A picture of how quantities hang together: equal quantities are equal boxes. */
export interface BarModel {
  readonly rows: readonly Row[];
  /** A brace beside several rows: what they make together. */
  readonly total?: { readonly rows: readonly number[]; readonly says: string };
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

/** What of a model is printed: all of it, no number at all, or only what the problem tells. */
export type Shown = 'solved' | 'blank' | 'gaps';

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
