import type { BarModel } from '../bars';
import { writeText, type HouseStyle } from '../house-style';
import { liveSteps, stepOf, writtenValue, type Layout } from '../working';
import { itemOf, type Item } from './item';
import type { Calculation } from './given/calculation';
import type { Skill } from './skill';
import { WorkedItem } from './worked-item';

/** An item on the bench, as plain data: everything a screen shows of it and of its working, step by step. */
export interface ItemView {
  readonly item: Item;
  /** The item on one line. */
  readonly line: string;
  readonly layout: Layout;
  readonly steps: readonly ViewedStep[];
  /** What is worked out, where there are several ways of it. */
  readonly sum: Calculation | null;
  /** Its bars, as it is told and solved, where it has any. */
  readonly model: Models | null;
}

/** The bars of an item: as it is told, with what is not known left open, and solved. */
export interface Models {
  readonly told: BarModel;
  readonly solved: BarModel;
}

export interface ViewedStep {
  readonly id: string;
  readonly text: string;
  readonly explanation: string;
  /** The values that are still to be used after it: what is kept in mind where nothing is written down. */
  readonly held: readonly string[];
}

/** Works an item out for the bench. */
export function viewItem(
  skill: Skill,
  given: unknown,
  school: string,
  style: HouseStyle
): ItemView {
  const worked = new WorkedItem(skill, given, school);
  const { graph, key } = worked;
  const live = liveSteps(graph, key);
  const layout = worked.layout(style);
  return {
    item: itemOf(worked, style),
    line: skill.given.print(given),
    layout,
    sum: sumOf(skill, given),
    model: modelsOf(skill, given, style) ?? null,
    steps: worked.modelled(layout).map((step) => ({
      id: step.id,
      text: writeText(writtenValue(step, key.get(step.id), style)!, style),
      explanation: worked.explain(step, style),
      held: live[graph.steps.indexOf(step)]!.map((id) =>
        writeText(writtenValue(stepOf(graph, id), key.get(id), style)!, style)
      )
    }))
  };
}

/** The bars of an item, where its skill has any. */
export function modelsOf(skill: Skill, given: unknown, style: HouseStyle): Models | undefined {
  const [told, solved] = [skill.model(given, style), skill.model(given, style, 'solved')];
  return told && solved ? { told, solved } : undefined;
}

function sumOf({ given: form, operation }: Skill, given: unknown): Calculation | null {
  if (form.sum) return form.sum(given);
  const operands = operation && form.operands?.(given);
  return operands ? { operation, operands } : null;
}
