import { patternKey, splitPatternKey, type WorkedItem } from '../skill';
import { type Blueprint, type BlueprintRow, type PartKind } from './blueprint';
import type { Option } from './choice';

/** How an item is presented: what can show depends on it. */
export interface Presented {
  readonly kind: PartKind;
  /** Of a choice. */
  readonly options?: readonly Option[] | undefined;
}

/**
 * The patterns whose wrong answer can be given on an item as it is presented, by their keys: of a choice those behind
 * an option, and none that goes wrong in setting out where the item is printed set out.
 */
export function canShow(item: WorkedItem, { kind, options = [] }: Presented): string[] {
  const keyOf = (id: string) => patternKey(item.skill.id, id);
  if (kind === 'choice') return options.flatMap(({ pattern }) => pattern ?? []);
  return item
    .showing()
    .filter(({ pattern }) => kind !== 'set-out' || !pattern.isInSettingOut)
    .map(({ pattern }) => keyOf(pattern.id));
}

/** The part of a row's spread that an item is for, by the value it is asked for exactly. */
export function spreadOf({ spread }: BlueprintRow, features: Readonly<Record<string, unknown>>) {
  if (!spread) return null;
  const at = spread.parts.findIndex(({ control }) => control === features[spread.feature]);
  return at < 0 ? 0 : at;
}

/** The patterns of a skill that a plan asks for. */
export const patternsFor = ({ patterns = {} }: Blueprint, skill: string) =>
  Object.keys(patterns).filter((key) => splitPatternKey(key).skill === skill);
