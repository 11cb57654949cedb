import { indexItems, spendOn, type ItemSpace, type Told } from '../spaces';
import { isTables, type Constraint } from './controls';
import type { Feature, FeatureValue } from './feature';
import type { Wanted } from './request';

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

/** Keys that are looked at together: each test goes through all of them before the next. */
const BLOCK = 8192;

/** What was measured of all items: a number for each, of a choice the place of its value. */
interface Column {
  readonly numbers: Int32Array;
  /** The least and the largest of them. */
  readonly least: number;
  readonly most: number;
}

type Columns = ReadonlyMap<string, Column>;

/** The spaces of listed items: every item is measured once, when a feature is first asked for. */
export function listedItems<Given, Look>(
  listed: Listed<Given, Look>
): (wanted: Wanted) => ItemSpace<Given> {
  let columns: Columns | undefined;
  const known = () => (columns ??= measuredColumns(listed));
  return (wanted) => {
    const asked = Object.entries(listed.features).filter(([id]) => wanted.asks(id));
    const walk = (visit: (key: number) => boolean | void) => {
      const tests = asked.map(([id, feature]) =>
        testOf(known().get(id)!, allowed(feature, wanted.of(id)!))
      );
      const keys = new Int32Array(BLOCK);
      for (let from = 0; from < listed.size; from += BLOCK) {
        const size = Math.min(BLOCK, listed.size - from);
        spendOn(size);
        for (let at = 0; at < size; at++) keys[at] = from + at;
        const left = tests.reduce((kept, test) => keepThose(keys, kept, test), size);
        for (let at = 0; at < left; at++) {
          const key = keys[at]!;
          if (listed.isItem?.(key) !== false && visit(key) === true) return;
        }
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
            valueOf(feature, known().get(id)!.numbers[key]!)
          ])
        ),
      alike(names) {
        const columns = names.map((name) => known().get(name)!.numbers);
        return (key) => columns.map((column) => column[key]).join();
      },
      ...(listed.mirror && { usable: () => withoutMirrors(walk, (key) => listed.mirror!(key)) })
    });
  };
}

/** What a column must hold: for each number from the least on, whether it may. */
interface Test {
  readonly numbers: Int32Array;
  readonly least: number;
  readonly allows: Uint8Array;
}

function testOf({ numbers, least, most }: Column, isAllowed: (number: number) => boolean): Test {
  const allows = new Uint8Array(most - least + 1);
  for (let at = 0; at < allows.length; at++) allows[at] = Number(isAllowed(least + at));
  return { numbers, least, allows };
}

/** Moves those of the first keys that pass a test to the front; how many they are. */
function keepThose(keys: Int32Array, size: number, { numbers, least, allows }: Test): number {
  let kept = 0;
  for (let at = 0; at < size; at++) {
    const key = keys[at]!;
    if (allows[numbers[key]! - least]) keys[kept++] = key;
  }
  return kept;
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
  return new Map(columns.map(({ id, column }) => [id, withRange(column)]));
}

function withRange(numbers: Int32Array): Column {
  let [least, most] = [0, 0];
  for (let at = 0; at < numbers.length; at++) {
    const number = numbers[at]!;
    if (number < least) least = number;
    if (number > most) most = number;
  }
  return { numbers, least, most };
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
