/** A key that was pressed, as far as it matters while there is nothing to type into. */
export type HeldKey = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey'>;

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
  take({ key, ctrlKey, metaKey, altKey }: HeldKey): boolean {
    if (!this.held) return false;
    const isText = key.length === 1 || key === 'Enter' || key === 'Backspace';
    if (isText && !ctrlKey && !metaKey && !altKey) this.held.push(key);
    return true;
  }

  /** No key is held any more; gives those that were, in their order. */
  release(): readonly string[] {
    const held = this.held ?? [];
    this.held = null;
    return held;
  }
}
