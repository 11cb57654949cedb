import { tellIn, type OwnContexts } from '@zealous-quill/core/catalogue';

/** The department's own contexts as a thread or process knows them. */
export interface KnownContexts {
  /** Another text if they are others. */
  readonly stamp: string;
  readonly contexts: OwnContexts;
}

let known: KnownContexts = { stamp: '', contexts: { told: [], past: [] } };
let ready: Promise<void> = Promise.resolve();

/** What is known here: it goes along with every task, so that a thread tells problems as the server does. */
export const knownContexts = (): KnownContexts => known;

/** Tells problems in these contexts from now on; resolves once that is so. */
export function knowContexts(next: KnownContexts): Promise<void> {
  if (next.stamp !== known.stamp) {
    known = next;
    ready = tellIn(() => Promise.resolve(known.contexts));
  }
  return ready;
}
