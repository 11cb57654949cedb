/** The least part of a whole that a box may be, so that it is seen. */
const LEAST = 0.16;

/**
 * The lengths of the quantities of a model: in proportion where that leaves room to read, and always the same for the same
 * quantity. What is not known yet is measured by what is.
 */
export class Lengths {
  private readonly known = new Map<string, number>();

  of(id: string): number {
    return this.known.get(id)!;
  }

  /** The length of a quantity; 100 for the first there is. */
  ensure(id: string): number {
    if (!this.known.has(id)) this.known.set(id, 100);
    return this.of(id);
  }

  /** Lengths for a whole and its parts, in proportion to what they are worth. */
  split(whole: string, parts: readonly string[], worth: (id: string) => number): void {
    const open = parts.filter((id) => !this.known.has(id));
    if (open.length === 0) {
      if (!this.known.has(whole)) this.known.set(whole, this.sum(parts));
      return;
    }
    const isDrawn = this.known.has(whole);
    const fixed = parts.filter((id) => this.known.has(id));
    const all = parts.reduce((sum, id) => sum + worth(id), 0);
    const share = (id: string) =>
      Math.min(1 - LEAST * (parts.length - 1), Math.max(LEAST, worth(id) / all));
    if (!this.known.has(whole)) {
      // A part that is known measures the others.
      const [one] = fixed;
      const total = one === undefined ? 100 : this.of(one) / share(one);
      this.known.set(whole, Math.max(total, this.sum(fixed) / (1 - LEAST * open.length)));
    }
    const left = this.of(whole) - this.sum(fixed);
    const shares = open.reduce((sum, id) => sum + share(id), 0);
    for (const id of open) this.known.set(id, (left * share(id)) / shares);
    if (!isDrawn) this.known.set(whole, this.sum(parts));
  }

  /** Lengths for so many equal boxes and all of them. */
  times(all: string, each: string, count: number): void {
    if (this.known.has(all)) this.known.set(each, this.of(all) / count);
    else if (this.known.has(each)) this.known.set(all, this.of(each) * count);
    else {
      this.known.set(all, 100);
      this.known.set(each, 100 / count);
    }
  }

  private sum(ids: readonly string[]): number {
    return ids.reduce((sum, id) => sum + this.of(id), 0);
  }
}
