/** A sheet that was worked against the clock. */
export interface TimedSheet {
  readonly score: number | null;
  readonly seconds: number | null;
}

/** Right answers a minute, of a sheet of which both are noted. */
export function rateOf({ score, seconds }: TimedSheet): number | null {
  return score === null || seconds === null || seconds === 0 ? null : (60 * score) / seconds;
}

/** Right answers a minute more than the sheet before, of the last two that are noted; null if there are not two. */
export function gainOf(sheets: readonly TimedSheet[]): number | null {
  const rates = sheets.map(rateOf).filter((rate) => rate !== null);
  const [before, last] = rates.slice(-2);
  return before === undefined || last === undefined ? null : last - before;
}
