import {
  automatonItems,
  ended,
  Tally,
  UNMET,
  unionItems,
  type Column,
  type ItemAutomaton,
  type ItemSpace,
  type Range,
  type Told,
  type Visit
} from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { decoysIn, nodes, pairsIn, type Node, type Taken } from './nodes';
import type { Given } from './pairs';
import { partingsOfCount, partingsOfPlaces, placesAt, type Parting, type Places } from './places';
import { countSets } from './sets';

/** What a node takes: how often each of its numbers, and the places as bits where these matter. */
interface Effect {
  readonly node: Node;
  readonly taken: Taken;
  readonly before: Taken;
  readonly adjacent: number;
  readonly places?: Places;
}

const NONE: Taken = { one: 0, other: 0 };

/** All items that are wanted, by how many numbers are added. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const { min, max } = wanted.range('addends');
  const counts = [3, 4, 5, 6].filter((count) => count >= min && count <= max);
  return unionItems(
    counts.flatMap((count) => {
      const pairs = pairsWanted(wanted, count);
      if (!pairs) return [];
      return automatonItems((told = []) => new PlacesAutomaton(count, pairs, wanted, told), {
        usable: () => countSets(count, pairs, wanted)
      });
    })
  );
}

/** The pairs that are wanted of so many addends, as what is left says so too; undefined if none can be. */
function pairsWanted(wanted: Wanted, addends: number): Range | undefined {
  const [asked, left] = [wanted.range('pairs'), wanted.range('leftover')];
  const min = Math.max(asked.min, Math.ceil((addends - left.max) / 2));
  const max = Math.min(asked.max, Math.floor((addends - left.min) / 2));
  return min > max ? undefined : { min, max };
}

/**
 * The numbers of two digits are gone through node by node, and each takes some of the places that are still free. Which
 * places these are is remembered only where neighbours are asked after, else how many.
 */
class PlacesAutomaton implements ItemAutomaton<Effect, Given> {
  readonly start: number;
  private readonly tally: Tally<string, Effect>;
  /** Whether the numbers of a node need to be known at the next. */
  private readonly countsDecoys: boolean;
  private readonly partings: (free: number, isOwnPartner: boolean) => readonly Parting[];

  constructor(
    private readonly addends: number,
    pairs: Range,
    wanted: Wanted,
    told: readonly string[]
  ) {
    const isAsked = (name: string) => wanted.asks(name) || told.includes(name);
    this.countsDecoys = isAsked('decoys');
    const knowsPlaces = isAsked('adjacent');
    this.partings = knowsPlaces ? partingsOfPlaces : partingsOfCount;
    this.start = this.pack(0, knowsPlaces ? 2 ** addends - 1 : addends, NONE, 0);
    const sum = (name: string) => {
      const limit = wanted.limit(name);
      return { by: 'sum', limit, range: wanted.counted(name), most: () => limit } as const;
    };
    this.tally = new Tally<string, Effect>(
      {
        pairs: {
          ...{ ...sum('pairs'), range: pairs },
          gain: ({ node, taken }) => pairsIn(node, taken)
        },
        decoys: {
          ...sum('decoys'),
          gain: ({ node, taken, before }) => decoysIn(node, taken, before)
        },
        adjacent: { ...sum('adjacent'), gain: ({ adjacent }) => adjacent }
      },
      told.includes('leftover') ? [...told, 'pairs'] : told
    );
  }

  edges(state: number, visit: Visit<Effect>): void {
    const { column, free, before, tally } = this.read(state);
    const counted = this.tally.open(tally);
    const node = nodes[column]!;
    const isLast = column === nodes.length - 1;
    for (const { rest, ways, ...parting } of this.partings(free, node.isOwnPartner)) {
      const { one, other } = parting.taken;
      if ((node.one === undefined && one > 0) || (node.other === undefined && other > 0)) continue;
      if (isLast && rest > 0) continue;
      const effect = { ...parting, node, before };
      const next = this.tally.add(counted, effect, isLast ? 0 : 1);
      if (next === UNMET) continue;
      if (!isLast) {
        const kept = this.countsDecoys && !nodes[column + 1]!.isFirst ? parting.taken : NONE;
        visit(ways, effect, this.pack(column + 1, rest, kept, next));
      } else if (this.tally.isMet(next)) visit(ways, effect, ended(next));
    }
  }

  told(code: number): Told {
    const counts = this.tally.told(code) as Told;
    const { pairs } = counts;
    return {
      ...counts,
      addends: this.addends,
      ...(typeof pairs === 'number' && { leftover: this.addends - 2 * pairs })
    };
  }

  write(path: readonly Column<Effect>[]): Given {
    const addends = Array.from({ length: this.addends }, () => '');
    let free = 2 ** this.addends - 1;
    for (const { choice, index } of path) {
      const { one, other } = choice.places ?? placesAt(free, choice.taken, index);
      addends.forEach((_, at) => {
        if ((one >> at) & 1) addends[at] = String(choice.node.one);
        if ((other >> at) & 1) addends[at] = String(choice.node.other);
      });
      free &= ~one & ~other;
    }
    return { addends };
  }

  private pack(column: number, free: number, { one, other }: Taken, tally: number): number {
    return (((tally * 7 + one) * 7 + other) * 64 + free) * nodes.length + column;
  }

  private read(state: number) {
    const inTally = Math.floor(state / nodes.length / 64);
    return {
      column: state % nodes.length,
      free: Math.floor(state / nodes.length) % 64,
      before: { one: Math.floor(inTally / 7) % 7, other: inTally % 7 },
      tally: Math.floor(inTally / 49)
    };
  }
}
