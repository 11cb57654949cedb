/** A key that was pressed, as far as it matters while there is nothing to type into. */
export type HeldKey = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey'>;

/** What is held of Enter that is pressed with Shift. */
export const ALONE = 'Shift+Enter';

export const withoutModifiers = { ctrlKey: false, metaKey: false, altKey: false, shiftKey: false };

/**
 * Keys that are pressed while the next pile is on its way: they are held, and typed into what comes. Else they would be
 * written behind an answer that is closed.
 */
export class HeldKeys {
  private held: string[] | null = null;

  /** Keys are held from now on. */
  hold(): void {
    this.held ??= [];
  }

  /** Takes a key if keys are held; a key with a modifier is let go. */
  take({ key, ctrlKey, metaKey, altKey, shiftKey }: HeldKey): boolean {
    if (!this.held) return false;
    const isText = key.length === 1 || ['Enter', ALONE, 'Backspace'].includes(key);
    if (isText && !ctrlKey && !metaKey && !altKey) {
      this.held.push(key === 'Enter' && shiftKey ? ALONE : key);
    }
    return true;
  }

  /** No key is held any more; gives those that were, in their order. */
  release(): readonly string[] {
    const held = this.held ?? [];
    this.held = null;
    return held;
  }
}
