import { clock, type Timers } from './draft.svelte';

/** Milliseconds after the last key in which what a field holds is handed to its editor. */
export const TYPING_PAUSE = 500;

/** Milliseconds after which it is looked whether a field that waits for Enter is still there. */
const LOOK_AGAIN = 100;

/** A field that is typed into, as far as it matters here. */
export interface TypedField {
  readonly isConnected: boolean;
  readonly validity: { readonly valid: boolean };
  /** `enter` is there where the field is handed over by Enter, or by leaving it. */
  readonly dataset: { readonly enter?: string | undefined };
  dispatchEvent(event: Event): boolean;
}

/**
 * What is typed into the fields of an editor and is in no draft yet. Fields hand it over when they change, as they are left; here
 * that is told to them as soon as typing pauses, so that what stands in a field is soon saved.
 */
export class TypedFields {
  /** Something is typed that the editor does not have: it says so in the place of *Saved*. */
  isOpen = $state(false);
  private field: TypedField | null = null;
  private timer: unknown;

  constructor(private readonly timers: Timers = clock) {}

  /** A key was typed into a field. */
  typed(field: TypedField): void {
    this.field = field;
    this.isOpen = true;
    this.timers.clear(this.timer);
    this.timer = this.timers.set(() => this.handOver(), TYPING_PAUSE);
  }

  /** A field has handed over what it holds, or was left; one that waits for Enter is open until it is no more. */
  taken(field: unknown): void {
    const isThere = this.field?.isConnected === true;
    if (isThere && (field !== this.field || this.field?.dataset.enter !== undefined)) return;
    this.timers.clear(this.timer);
    this.field = null;
    this.isOpen = false;
  }

  /** What is typed is handed over now; what the field itself says cannot be stays until it is changed or left. */
  handOver(): void {
    const { field } = this;
    if (!field) return;
    if (!field.isConnected) this.taken(field);
    else if (field.dataset.enter !== undefined) {
      this.timers.clear(this.timer);
      this.timer = this.timers.set(() => this.handOver(), LOOK_AGAIN);
    } else if (field.validity.valid) {
      field.dispatchEvent(new Event('change', { bubbles: true }));
    }
  }

  /** Listens to all fields of a page; the end of it is given back. */
  watch(page: Document): () => void {
    const ears = {
      input: ({ target }: Event) => isTyped(target) && this.typed(target),
      change: ({ target }: Event) => this.taken(target),
      // A field that the page takes away is left while the page is drawn, when no state may change.
      focusout: ({ target }: Event) => queueMicrotask(() => this.taken(target))
    };
    const leaving = () => this.handOver();
    for (const [name, ear] of Object.entries(ears)) page.addEventListener(name, ear);
    window.addEventListener('beforeunload', leaving);
    return () => {
      for (const [name, ear] of Object.entries(ears)) page.removeEventListener(name, ear);
      window.removeEventListener('beforeunload', leaving);
    };
  }
}

/** Fields that hold something of a draft; what is typed to search is in none. */
const isTyped = (target: EventTarget | null): target is HTMLInputElement | HTMLTextAreaElement =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement &&
    ['text', 'number'].includes(target.type) &&
    target.role !== 'combobox');
