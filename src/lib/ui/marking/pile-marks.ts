import { markItem, type Response } from '@zealous-quill/core/marking';
import { availableMarks } from '@zealous-quill/core/schemes';
import { awardedIn, keyOf, workedOf, type DeskScript, type Place } from './pile';

/** How a response stands: by its marks once it is marked. */
type Standing = 'right' | 'partly' | 'wrong' | 'begun' | 'waiting';

interface Marking {
  readonly pile: readonly Place[];
  /** What was read of each response, by {@link keyOf}. */
  readonly states: Readonly<Record<string, { readonly version: number }>>;
  /** The marks that were given when a response was marked, by {@link keyOf}. */
  readonly kept: Readonly<Record<string, number>>;
  /** Marks of each script for parts that are not in the pile. */
  readonly elsewhere: Readonly<Record<number, number>>;
  /** A response as it stands, and the version it was saved as. */
  draftOf(place: Place): { readonly value: Response; readonly version: number };
}

/** What the responses of a pile have earned. */
export class PileMarks {
  /** Marks of what stands in a response: a changed one is another object. */
  private readonly known = new WeakMap<Response, number>();

  constructor(private readonly marking: Marking) {}

  /** How a response in the pile stands, for the strip above it. */
  standing(place: Place): Standing {
    const { value } = this.marking.draftOf(place);
    if (!value.isMarked) return Object.keys(value.working).length > 0 ? 'begun' : 'waiting';
    const awarded = this.awardedFor(place);
    if (awarded === availableMarks(place.item.scheme)) return 'right';
    return awarded > 0 ? 'partly' : 'wrong';
  }

  /** The marks of a script so far: those of the pile, and what it has elsewhere. */
  totalOf(script: DeskScript): number {
    const { pile, elsewhere, draftOf } = this.marking;
    const counted = (place: Place) => {
      const { withdrawn, scheme } = place.item;
      if (withdrawn === 'left-out') return 0;
      if (withdrawn === 'full-marks') return availableMarks(scheme);
      return draftOf(place).value.isMarked ? this.awardedFor(place) : 0;
    };
    return pile
      .filter((place) => place.script.id === script.id)
      .reduce((sum, place) => sum + counted(place), elsewhere[script.id] ?? 0);
  }

  /** The marks that a response has kept since it was marked; undefined once it is marked anew. */
  keptFor(place: Place): number | undefined {
    const { states, kept, draftOf } = this.marking;
    const key = keyOf(place);
    const { value, version } = draftOf(place);
    return version === states[key]?.version && value.isMarked ? kept[key] : undefined;
  }

  private awardedFor(place: Place): number {
    const { value } = this.marking.draftOf(place);
    const kept = this.keptFor(place);
    if (kept !== undefined) return Math.min(kept, availableMarks(place.item.scheme));
    let awarded = this.known.get(value);
    if (awarded === undefined) {
      awarded = awardedIn(markItem(workedOf(place.item), value.working, place.item.scheme), value);
      this.known.set(value, awarded);
    }
    return awarded;
  }
}
