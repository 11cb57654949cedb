/** What is added to the time of working an item, by how a part is presented. */
export interface TimeWeight {
  /** Seconds for reading the part and finding one's place. */
  reading: number;
  /** Working, in hundredths of the time of one who knows the method: 200 is twice as long. */
  working: number;
  /** Looking over the answer, in hundredths of that same time. */
  checking: number;
}

/** The presentations that have weights of their own; the minutes of an own question are those its author gives it. */
export const timedKinds = ['set-out', 'show-working', 'bare', 'choice'] as const;
export type TimedKind = (typeof timedKinds)[number];

export type Timing = Record<TimedKind, TimeWeight>;

const alike = (weight: TimeWeight): Timing => ({
  'set-out': weight,
  'show-working': weight,
  bare: weight,
  choice: weight
});

/** Nothing is added: the time of one who knows the method, and does nothing else. */
export const workingAlone: Timing = alike({ reading: 0, working: 100, checking: 0 });

/**
 * What is added until a department says otherwise. A whole class is given more time than one who knows the method
 * needs. These weights bring usual papers to about a minute a mark (common practice); they are judged, not measured.
 */
export const usualTiming: Timing = {
  ...alike({ reading: 15, working: 250, checking: 50 }),
  bare: { reading: 12, working: 200, checking: 50 },
  choice: { reading: 20, working: 150, checking: 25 }
};

/** How long a part takes on a paper, in whole seconds, where one who knows the method works it in so many. */
export function secondsOnPaper(
  { kind, seconds }: { readonly kind: string; readonly seconds: number },
  timing: Timing
): number {
  const weight = timing[kind as TimedKind] as TimeWeight | undefined;
  if (!weight) return seconds;
  return Math.round(weight.reading + (seconds * (weight.working + weight.checking)) / 100);
}
