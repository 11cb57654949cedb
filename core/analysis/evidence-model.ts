/**
 * What the posterior rests on. Priors and grids are judgement, not measurement; they were chosen on simulated
 * pupils who err in ways the model has no pattern for.
 */
export interface EvidenceModel {
  /** Before anything is seen, the chance that a pupil holds a given pattern. */
  readonly prior: number;
  /** Before anything is seen, the chance of a consistent error of which there is no pattern. */
  readonly unknown: number;
  /** How often a holder may follow a pattern where it shows, with the weight of each. */
  readonly degrees: readonly (readonly [degree: number, weight: number])[];
  /** How often a pupil may slip, with the weight of each. */
  readonly slipRates: readonly (readonly [rate: number, weight: number])[];
  /** Chance that a slip looks like an error pattern. */
  readonly coincidence: number;
  /** The same of an option that is picked among a few. */
  readonly picked: number;
  /** Share of the items that an unknown error may spoil. */
  readonly spoils: readonly number[];
  /** Share of those on which it may look like the one pattern it is most like, with the weight of each. */
  readonly likenesses: readonly (readonly [share: number, weight: number])[];
}

export const defaultEvidenceModel: EvidenceModel = {
  prior: 0.04,
  unknown: 0.15,
  degrees: [
    [0.6, 0.15],
    [0.8, 0.45],
    [0.97, 0.4]
  ],
  slipRates: [
    [0.02, 0.3],
    [0.08, 0.35],
    [0.2, 0.2],
    [0.4, 0.1],
    [0.6, 0.05]
  ],
  coincidence: 0.1,
  picked: 1 / 3,
  spoils: [0.2, 0.5, 0.8, 0.95],
  likenesses: [
    [0.1, 0.47],
    [0.3, 0.3],
    [0.55, 0.15],
    [0.8, 0.08]
  ]
};

/** How an item went. */
export const outcomes = ['explained', 'right', 'otherwise'] as const;
export type Outcome = (typeof outcomes)[number];

/** An item as one hypothesis sees it. */
export interface Seen {
  readonly outcome: Outcome;
  /** Held patterns that could show, and those of them that explain what was written. */
  readonly could: number;
  readonly did: number;
  /** Whether the pattern that an unknown error is like could show, and did. */
  readonly likeCould: boolean;
  readonly likeDid: boolean;
}

/** A pupil's habits under one hypothesis. */
export interface Habits {
  readonly degree: number;
  readonly slipRate: number;
  /** 0 without an unknown error. */
  readonly spoils: number;
  readonly likeness: number;
}

/** Nothing is quite impossible: markers mistype. */
const STRAY = 1e-4;

/**
 * The chance that an item goes as it went. A holder follows a pattern with chance `degree` where it shows; what
 * is not so decided is spoilt by the unknown error, if there is one; what is left goes wrong by slips.
 */
export function likelihood(seen: Seen, habits: Habits, coincidence: number): number {
  const { outcome, could, did, likeCould, likeDid } = seen;
  const { degree, slipRate, spoils, likeness } = habits;
  const follows = 1 - (1 - degree) ** could;
  const free = 1 - follows;
  const slips = (1 - spoils) * slipRate;
  const unlike = 1 - (likeCould ? likeness : 0);
  switch (outcome) {
    case 'explained': {
      const asSeen = could === 0 ? 0 : (follows * did) / could;
      // What an unknown error writes looks like the one pattern, or like any other by chance.
      const alike = likeCould && likeDid ? likeness : unlike * coincidence;
      return asSeen * (1 - slipRate) + free * (spoils * alike + slips * coincidence) + STRAY;
    }
    case 'right':
      return free * (1 - spoils) * (1 - slipRate) + STRAY;
    case 'otherwise':
      return follows * slipRate + free * (spoils * unlike + slips) * (1 - coincidence) + STRAY;
  }
}
