import type { Reader } from '../base/db';
import { listScripts } from './scripts';
import type { SittingSummary } from './sittings';

/** The scripts of a sitting of which something is still to be marked. */
export interface Waiting {
  readonly scripts: number;
  /** How many of them are begun. */
  readonly begun: number;
  /** Whose they are, in the order of the pile; no more than the first few. */
  readonly names: readonly string[];
}

/** Names that are told of each sitting. */
const NAMES = 3;

/** Who waits, by the ids of those sittings that are not marked as a whole. */
export function waitingScripts(
  db: Reader,
  sittings: readonly SittingSummary[]
): Record<number, Waiting> {
  const open = sittings.filter(({ marked, toMark }) => marked < toMark);
  return Object.fromEntries(
    open.map(({ id, scripts, toMark }) => {
      const waiting = listScripts(db, id).filter(
        ({ isAbsent, markedItems }) => !isAbsent && markedItems < toMark / scripts
      );
      return [
        id,
        {
          scripts: waiting.length,
          begun: waiting.filter(({ markedItems }) => markedItems > 0).length,
          names: waiting.slice(0, NAMES).map(({ name }) => name)
        }
      ];
    })
  );
}
