import { indexItems, spendOn, type ItemSpace, type Told } from '../spaces';
import { isTables, type Constraint } from './controls';
import type { Feature, FeatureValue } from './feature';
import type { Wanted } from './wanted';

/** Items that are few enough to be listed, a million or two. */
export interface Listed<Given, Look> {
  /** Keys are whole numbers below this. */
  readonly size: number;
  /** Whether a key has an item; every key has one if absent. */
  isItem?(key: number): boolean;
  item(key: number): Given;
  look(given: Given): Look;
  /** What is seen of the item of a key, where that is sooner had than by way of the item. */
  lookAt?(key: number): Look;
  readonly features: Readonly<Record<string, Feature<Look>>>;
  /** The key of the item with its numbers exchanged, where that is an item of the same features. */
  mirror?(key: number): number;
}

/** Items that are gone through before their work is spent: a power of two. */
const AT_ONCE = 1024;

/** What was measured of all items: a number for each, of a choice the place of its value. */
type Columns = ReadonlyMap<string, Int32Array>;

/** The spaces of listed items: every item is measured once, when a feature is first asked for. */
export function listedItems<Given, Look>(
  listed: Listed<Given, Look>
): (wanted: Wanted) => ItemSpace<Given> {
  let columns: Columns | undefined;
  const known = () => (columns ??= measuredColumns(listed));
  return (wanted) => {
    const asked = Object.entries(listed.features).filter(([id]) => wanted.asks(id));
    const walk = (visit: (key: number) => boolean | void) => {
      const tests = asked.map(([id, feature]) => ({
        column: known().get(id)!,
        isAllowed: allowed(feature, wanted.of(id)!)
      }));
      // A million of them: nothing is made anew for each.
      next: for (let key = 0; key < listed.size; key++) {
        if (key % AT_ONCE === 0) spendOn(AT_ONCE);
        for (const { column, isAllowed } of tests) if (!isAllowed(column[key]!)) continue next;
        if (listed.isItem?.(key) !== false && visit(key) === true) return;
      }
    };
    return indexItems({
      size: listed.size,
      walk,
      item: (key) => listed.item(key),
      features: (key): Told =>
        Object.fromEntries(
          Object.entries(listed.features).map(([id, feature]) => [
            id,
            valueOf(feature, known().get(id)![key]!)
          ])
        ),
      alike(names) {
        const columns = names.map((name) => known().get(name)!);
        return (key) => columns.map((column) => column[key]).join();
      },
      ...(listed.mirror && { usable: () => withoutMirrors(walk, (key) => listed.mirror!(key)) })
    });
  };
}

/** How many items there are when an item and its mirror count once. */
function withoutMirrors(
  walk: (visit: (key: number) => void) => void,
  mirror: (key: number) => number
): bigint {
  let found = 0;
  walk((key) => {
    if (mirror(key) >= key) found++;
  });
  return BigInt(found);
}

function measuredColumns<Given, Look>({
  size,
  isItem,
  item,
  look,
  lookAt = (key) => look(item(key)),
  features
}: Listed<Given, Look>): Columns {
  const columns = Object.entries(features).map(([id, feature]) => ({
    ...{ id, measure: feature.measure, column: new Int32Array(size) },
    numberFor: numbersOf(feature)
  }));
  for (let key = 0; key < size; key++) {
    if (isItem?.(key) === false) continue;
    const seen = lookAt(key);
    for (const { measure, numberFor, column } of columns) column[key] = numberFor(measure(seen));
  }
  return new Map(columns.map(({ id, column }) => [id, column]));
}

/** The number that stands for a value of a feature. */
function numbersOf<Look>(feature: Feature<Look>): (value: FeatureValue) => number {
  if (feature.kind !== 'choice') return Number;
  const places = new Map<FeatureValue, number>(feature.values.map((value, at) => [value, at]));
  return (value) => places.get(value) ?? places.get(String(value)) ?? -1;
}

function valueOf<Look>(feature: Feature<Look>, number: number): number | string | boolean {
  if (feature.kind === 'choice') return feature.values[number]!;
  return feature.kind === 'flag' ? number === 1 : number;
}

/** A test of the numbers that stand in a column. */
function allowed<Look>(feature: Feature<Look>, asked: Constraint): (number: number) => boolean {
  if (typeof asked === 'boolean') return (number) => number === Number(asked);
  if (isTables(asked)) throw new Error('listedItems: tables are not listed');
  if ('min' in asked) return (number) => number >= asked.min && number <= asked.max;
  const places = (feature.kind === 'choice' ? feature.values : []).map((value) => asked.has(value));
  return (number) => places[number]!;
}
