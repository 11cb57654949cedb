import type { Response } from '@zealous-quill/core/marking';
import type { DraftReply, Keeper, Timers } from '../draft.svelte';
import type { Place, SavedEntry } from './pile';

/** A response that was changed. */
export interface ChangedAt {
  readonly script: number;
  readonly item: number;
}

/** What a desk is opened with. */
export interface DeskOptions {
  readonly pile: readonly Place[];
  /** What was read of each response, by {@link keyOf}. */
  readonly states: Readonly<Record<string, SavedEntry>>;
  /** The place in the pile where one was; null if nowhere. */
  readonly at: number | null;
  /** The marks that were given when a response was marked, by {@link keyOf}: its scheme may have changed since. */
  readonly kept?: Readonly<Record<string, number>>;
  /** Marks of each script for parts that are not in the pile. */
  readonly elsewhere?: Readonly<Record<number, number>>;
  save(place: Place, entry: Response, version: number): Promise<DraftReply<Response>>;
  /** Where changes were made, oldest first; a page hands it from desk to desk, so that undoing reaches back over sheaves. */
  readonly trail?: ChangedAt[];
  /** Where a response is kept over a reload; this tab, if absent. */
  keeper?(key: string): Keeper | undefined;
  readonly timers?: Timers;
}
