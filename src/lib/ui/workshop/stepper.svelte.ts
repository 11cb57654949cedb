import type { ItemView } from '@zealous-quill/core/skill';

/** How far the working of an item is shown. */
export class Stepper {
  /** How many steps are shown. */
  shown = $state(0);

  constructor(readonly view: ItemView) {
    this.shown = view.steps.length;
  }

  /** What stands on the sheet so far. */
  texts = $derived.by(() =>
    Object.fromEntries(this.view.steps.slice(0, this.shown).map(({ id, text }) => [id, text]))
  );
  isWhole = $derived.by(() => this.shown === this.view.steps.length);
  /** The step just shown, unless all of them are. */
  current = $derived.by(() =>
    this.isWhole ? null : (this.view.steps[this.shown - 1]?.id ?? null)
  );
  explanation = $derived.by(
    () => this.view.steps[this.shown - 1]?.explanation ?? 'Nothing is written yet.'
  );

  /** What is kept in mind after the step just shown. */
  held = $derived.by(() => this.view.steps[this.shown - 1]?.held ?? []);

  go(to: number): void {
    this.shown = Math.min(this.view.steps.length, Math.max(0, to));
  }
}
