import type { HouseStyle } from './house-style';

/** Forms of the word for taking a ten, or one whole, from the left. */
export interface TakingWords {
  readonly act: string;
  readonly acts: string;
  readonly acting: string;
  /** More than one of it. */
  readonly several: string;
}

const words: Readonly<Record<HouseStyle['takingTen'], TakingWords>> = {
  regroup: { act: 'regroup', acts: 'regroups', acting: 'regrouping', several: 'regroupings' },
  exchange: { act: 'exchange', acts: 'exchanges', acting: 'exchanging', several: 'exchanges' },
  borrow: { act: 'borrow', acts: 'borrows', acting: 'borrowing', several: 'borrows' }
};

/** What the house calls taking a ten from the left: to regroup, exchange or borrow it. */
export const takingWords = (style: HouseStyle): TakingWords => words[style.takingTen];
