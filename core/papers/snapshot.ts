import { writeText, type HouseStyle } from '../house-style';
import { covers, type Scheme } from '../schemes';
import { itemOf, modelsOf, skillOf, WorkedItem, type Item, type Models } from '../skill';
import {
  ANSWER,
  emptyPicture,
  gapSteps,
  modelledTexts,
  pictureOf,
  type Layout,
  type Picture
} from '../working';
import { schemeOf, styleIn } from './facts';
import { workingKinds } from './kinds';
import type { PaperItem, Rung } from './paper';

/** Everything that is printed, keyed and marked of one item in one house style, as plain data. */
export interface Snapshot {
  readonly item: Item;
  readonly scheme: Scheme;
  readonly printed: Printed;
}

/** How an item looks in print. */
export interface Printed {
  /** The item on one line. */
  readonly line: string;
  readonly layout: Layout;
  /** What stands at the steps of a worked example. */
  readonly texts: Readonly<Record<string, string>>;
  /** The steps that an example with gaps leaves blank. */
  readonly gaps: readonly string[];
  /** What is done, a sentence a step. */
  readonly explanations: readonly string[];
  /** Its bars, as it is told and solved, where it has any. */
  readonly models?: Models;
}

/** Derives an item of a rung; the rung's skill must be loaded. */
export function snapshotOf(
  rung: Pick<Rung, 'skill' | 'school' | 'simplestForm'> & { readonly kind?: string },
  entry: Pick<PaperItem, 'given' | 'scheme'> & Partial<Pick<PaperItem, 'id'>>,
  style: HouseStyle
): Snapshot {
  const worked = new WorkedItem(skillOf(rung.skill), entry.given, rung.school);
  const { skill, graph, key } = worked;
  const layout = worked.layout(style);
  const models = modelsOf(skill, entry.given, style);
  return {
    item: itemOf(worked, styleIn(rung, style), {
      turn: turnOf(entry.id),
      showsWorking: workingKinds.includes(rung.kind ?? '')
    }),
    scheme: schemeOf(rung, entry, style),
    printed: {
      line: skill.given.print(entry.given),
      layout,
      texts: modelledTexts(graph, key, style),
      gaps: [...gapSteps(graph, key)],
      explanations: worked.modelled(layout).map((step) => worked.explain(step, style)),
      ...(models && { models })
    }
  };
}

/** The answer, with what is asked for beside it where a mark is for that. */
export function keyText({ item, scheme, printed }: Snapshot): string {
  if (!printed.layout.isAlwaysPrinted) return item.answer;
  const asked = scheme.marks.filter(({ kind, steps }) => kind === 'B' && !steps.includes(ANSWER));
  const beside = item.steps.filter(({ id }) => asked.some((mark) => covers(mark, id)));
  return [item.answer, ...beside.map(({ value }) => value)].join(', ');
}

/** The turn of an item: those that are drawn together have numbers that follow each other. */
function turnOf(id?: string): number | undefined {
  return id === undefined ? undefined : Number(/\d+/.exec(id)?.[0] ?? 0);
}

/** What stands in the squares: all of it, all but the gaps, the numbers only, or nothing. */
export function snapshotPicture(
  { layout, texts, gaps }: Printed,
  shows: 'working' | 'gaps' | 'numbers' | 'nothing',
  style: HouseStyle
): Picture {
  if (shows === 'nothing') return emptyPicture(layout);
  if (shows === 'numbers') return pictureOf(layout, {});
  const kept = Object.entries(texts)
    .filter(([id]) => shows === 'working' || !gaps.includes(id))
    .map(([id, text]) => [id, writeText(text, style)]);
  return pictureOf(layout, Object.fromEntries(kept));
}
