import type { Working } from './readings';

/**
 * How an item was attempted. What is crossed out is marked as far as it can be read, unless something stands in
 * its place (common practice of examiners); another method does not fit the steps, so its marks are given by hand.
 */
export const attempts = ['written', 'crossed-out', 'another-method', 'not-attempted'] as const;
export type Attempt = (typeof attempts)[number];

/** A mark that a marker gave instead of the proposed one. */
export interface GivenMark {
  readonly given: number;
  readonly reason: string;
}

/** What stands in a response: what the pupil wrote, and what the marker decided of it. */
export interface Response {
  readonly working: Working;
  readonly attempt: Attempt;
  readonly isMarked: boolean;
  /** By the id of the mark. */
  readonly given: Readonly<Record<string, GivenMark>>;
  /** What goes back to the pupil. */
  readonly comment: string;
}

export const LONGEST_COMMENT = 300;

export const noResponse: Response = {
  working: {},
  attempt: 'written',
  isMarked: false,
  given: {},
  comment: ''
};
