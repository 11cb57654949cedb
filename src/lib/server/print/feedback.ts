import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { Results } from '@zealous-quill/core/results';
import type { SittingSummary } from '../database/sittings/sittings';

/** Slips that go back to the pupils of a sitting, to be cut apart. */
export interface FeedbackDocument {
  readonly paper: HouseStyle['paper'];
  readonly title: string;
  /** Class and day. */
  readonly about: string;
  readonly available: number;
  readonly slips: readonly Slip[];
}

interface Slip {
  readonly name: string;
  readonly total: number;
  readonly items: readonly { label: string; marks: string }[];
  readonly comments: readonly { label: string; text: string }[];
}

/** What each pupil who was there earned, item by item, and what the marker says; in the order of the register. */
export function feedbackDocument(
  sitting: Pick<SittingSummary, 'title' | 'className' | 'satOn'>,
  { items, pupils, available }: Results,
  { paper }: Pick<HouseStyle, 'paper'>
): FeedbackDocument {
  return {
    paper,
    title: sitting.title,
    about: `${sitting.className} · ${dayOf(sitting.satOn)}`,
    available,
    slips: pupils
      .filter(({ isAbsent, outcomes }) => !isAbsent && outcomes.some((outcome) => outcome !== null))
      .map(({ name, total, outcomes }) => ({
        name,
        total,
        items: items.map(({ label, available }, at) => ({
          label,
          marks: `${outcomes[at]?.awarded ?? '–'} / ${available}`
        })),
        comments: outcomes.flatMap((outcome, at) =>
          outcome?.comment ? [{ label: items[at]!.label, text: outcome.comment }] : []
        )
      }))
  };
}

function dayOf(isoDate: string): string {
  return new Date(`${isoDate}T12:00`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric'
  });
}
