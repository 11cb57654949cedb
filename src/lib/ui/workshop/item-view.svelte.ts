import type { HouseStyle } from '@zealous-quill/core/house-style';
import { analyseItem, type Skill } from '@zealous-quill/core/skills';
import { evaluate, isModelled, liveSteps } from '@zealous-quill/core/working';

/** One item on the bench: its working, and how far it is shown. */
export class ItemView {
  /** How many steps of the working are shown. */
  shown = $state(0);
  readonly item;
  readonly steps;
  readonly layout;
  private readonly held: string[][];

  constructor(skill: Skill, given: unknown, school: string, style: HouseStyle) {
    const graph = skill.graph(given, school);
    const values = evaluate(graph);
    const live = liveSteps(graph, values);
    const visible = graph.steps
      .map((step, at) => ({ step, held: live[at]! }))
      .filter(({ step }) => isModelled(step, values.get(step.id)));
    this.item = analyseItem(skill, given, { school, style });
    this.steps = visible.map(({ step }) => ({
      id: step.id,
      text: step.reading.print(values.get(step.id)!),
      explanation: skill.words.explain(given, step, values, style)
    }));
    this.held = visible.map(({ held }) => held);
    this.layout = skill.layout(given, school, style);
    this.shown = this.steps.length;
  }

  /** What stands on the sheet so far. */
  texts = $derived.by(() =>
    Object.fromEntries(this.steps.slice(0, this.shown).map(({ id, text }) => [id, text]))
  );
  current = $derived.by(() => this.steps[this.shown - 1]?.id ?? null);
  explanation = $derived.by(
    () => this.steps[this.shown - 1]?.explanation ?? 'Nothing is written yet.'
  );
  /** Values that are still to be used after the step just shown. */
  heldCount = $derived.by(() => this.held[this.shown - 1]?.length ?? 0);

  go(to: number): void {
    this.shown = Math.min(this.steps.length, Math.max(0, to));
  }
}
