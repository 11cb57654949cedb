import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { QuickSheets } from '@zealous-quill/core/quick';

/** What of quick practice is printed: sheets to write on, what is read out, strips for what is heard. */
export const quickPrints = ['sheets', 'reader', 'strips'] as const;
export type QuickPrint = (typeof quickPrints)[number];

export interface QuickDocument {
  readonly paper: HouseStyle['paper'];
  readonly title: string;
  readonly about: string;
  readonly what: QuickPrint;
  /** The time that is given, in words; empty if none is. */
  readonly minutes: string;
  readonly sets: readonly {
    readonly letter: string;
    readonly items: readonly {
      readonly line: string;
      readonly words: string;
      readonly answer: string;
      /** Seconds to wait after it has been read out. */
      readonly pause: number;
    }[];
  }[];
}

/** Seconds that are waited at least, and steps in which a pause is counted. */
const LEAST_PAUSE = 5;

/** Quick practice as it is printed. Who hears an item needs the time it takes, in steps of five seconds. */
export function quickDocument(
  title: string,
  { sets }: QuickSheets,
  { what, minutes, style }: { what: QuickPrint; minutes: number; style: HouseStyle }
): QuickDocument {
  return {
    ...{ paper: style.paper, title, what },
    about: { sheets: 'quick practice', reader: 'to be read out', strips: 'answer strips' }[what],
    minutes: minutes === 1 ? '1 minute' : `${minutes} minutes`,
    sets: sets.map((items, at) => ({
      letter: 'ABCD'[at]!,
      items: items.map(({ line, words, answer, seconds }) => ({
        ...{ line, words, answer },
        pause: Math.max(1, Math.ceil(seconds / LEAST_PAUSE)) * LEAST_PAUSE
      }))
    }))
  };
}
