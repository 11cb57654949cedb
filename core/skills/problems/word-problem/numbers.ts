import { once, spend } from '../../../spaces';
import type { ArithmeticSkill, Sum } from './arithmetic';
import { arithmeticSkills } from './arithmetic';
import { valuesOf, type Plot } from './plot';
import { madeBy } from './made';
import { workMove } from './problem';

/** The skills by which the operations of a problem are worked, a bit for each. */
export type SkillSet = number;

export const bitOf = (skill: ArithmeticSkill): SkillSet => 1 << arithmeticSkills.indexOf(skill);

export const skillsIn = (set: SkillSet): ArithmeticSkill[] =>
  arithmeticSkills.filter((skill) => (set & bitOf(skill)) !== 0);

/** Which calculations may occur in a problem. */
export type Allows = (skill: ArithmeticSkill, sum: Sum) => boolean;

/** Numbers that are known after some moves and needed by later ones, in the order of `live`. */
type State = readonly number[];

/** The numbers told at a move, and what is known after it. */
interface Choice {
  readonly fresh: readonly number[];
  readonly next: State;
  readonly skill: SkillSet;
}

/** How many ways there are to go on, by the skills that the rest of the problem is worked by. */
type Counts = ReadonlyMap<SkillSet, number>;

const DONE: Counts = new Map([[0, 1]]);

/**
 * The numbers that a plot can have, counted by dynamic programming over what its operations share:
 *
 *   told at move 0 --> (numbers that later moves need) --> told at move 1 --> ... --> 1
 *
 * Ways of going on from the same numbers are counted once. Each is told apart by the skills it is worked by.
 */
export class PlotNumbers {
  /** Every quantity has a place; a move uses some places, tells what is new in some, and finds one. */
  private readonly ids: readonly string[];
  private readonly uses: readonly (readonly number[])[];
  private readonly fresh: readonly (readonly number[])[];
  private readonly finds: readonly number[];
  private readonly live: readonly (readonly number[])[];
  private readonly values: readonly (readonly number[])[];
  private readonly known: Map<string, Counts>[];

  constructor(
    private readonly plot: Plot,
    private readonly allows: Allows
  ) {
    const { moves, told } = plot;
    this.ids = [...told, ...moves].map(({ id }) => id);
    const placeOf = (id: string) => this.ids.indexOf(id);
    this.values = told.map(valuesOf);
    this.uses = moves.map(({ uses }) => uses.map(placeOf));
    this.finds = moves.map(({ id }) => placeOf(id));
    const seen = new Set<number>();
    this.fresh = this.uses.map((uses) =>
      uses.filter((place) => place < told.length && !seen.has(place) && seen.add(place))
    );
    this.live = moves.map((_, at) => {
      const known = this.uses
        .slice(0, at + 1)
        .flat()
        .concat(this.finds.slice(0, at + 1));
      const later = new Set(this.uses.slice(at + 1).flat());
      return [...new Set(known)].filter((place) => later.has(place));
    });
    this.known = moves.map(() => new Map());
  }

  /** How many choices of numbers there are, by the skills that work them. */
  readonly counts = once((): Counts => this.waysFrom(0, []));

  /** The choice of a rank among those of which the skills are wanted: a number for each told quantity. */
  at(rank: number, isWanted: (skills: SkillSet) => boolean): Record<string, number> {
    const chosen: Record<string, number> = {};
    let [rest, state, done]: [number, State, SkillSet] = [rank, [], 0];
    for (let at = 0; at < this.plot.moves.length; at++) {
      const before = done;
      let found: Choice | undefined;
      for (const choice of this.choicesFrom(at, state)) {
        const ways = this.wanted(at + 1, choice.next, (set) =>
          isWanted(set | choice.skill | before)
        );
        if (rest < ways) {
          found = choice;
          break;
        }
        rest -= ways;
      }
      if (!found) throw new RangeError(`PlotNumbers: no numbers of rank ${rank}`);
      for (const [i, place] of this.fresh[at]!.entries())
        chosen[this.ids[place]!] = found.fresh[i]!;
      [state, done] = [found.next, done | found.skill];
    }
    return chosen;
  }

  private wanted(at: number, state: State, isWanted: (skills: SkillSet) => boolean): number {
    let sum = 0;
    for (const [skills, ways] of this.waysFrom(at, state)) if (isWanted(skills)) sum += ways;
    return sum;
  }

  private waysFrom(at: number, state: State): Counts {
    if (at === this.plot.moves.length) return DONE;
    const key = state.join();
    let counts = this.known[at]!.get(key);
    if (!counts) {
      const summed = new Map<SkillSet, number>();
      for (const { next, skill } of this.choicesFrom(at, state)) {
        for (const [skills, ways] of this.waysFrom(at + 1, next)) {
          summed.set(skills | skill, (summed.get(skills | skill) ?? 0) + ways);
        }
      }
      this.known[at]!.set(key, (counts = summed));
    }
    return counts;
  }

  /** All ways to tell the numbers that are new at a move, with what they come to. */
  private *choicesFrom(at: number, state: State): Generator<Choice> {
    const [uses, fresh, live, finds] = [
      this.uses[at]!,
      this.fresh[at]!,
      this.live[at]!,
      this.finds[at]!
    ];
    const numbers: number[] = [];
    if (at > 0) this.live[at - 1]!.forEach((place, i) => (numbers[place] = state[i]!));
    const choices = this.tell(at, 0, numbers);
    while (!choices.next().done) {
      spend(1);
      const worked = workMove(
        this.plot,
        at,
        uses.map((place) => numbers[place]!)
      );
      if (!worked || !this.allows(worked.skill, worked.sum)) continue;
      numbers[finds] = worked.value;
      yield {
        fresh: fresh.map((place) => numbers[place]!),
        next: live.map((place) => numbers[place]!),
        skill: bitOf(worked.skill)
      };
    }
  }

  /** Puts each choice of the numbers that are new at a move in their places; those that come out of the others last. */
  private *tell(at: number, from: number, numbers: number[]): Generator<void> {
    const fresh = this.fresh[at]!;
    const made = this.madePlace(at);
    if (from < fresh.length) {
      const place = fresh[from]!;
      if (place === made) {
        yield* this.tell(at, from + 1, numbers);
        return;
      }
      for (const value of this.values[place]!) {
        numbers[place] = value;
        if (from + 1 === fresh.length && made < 0) yield;
        else yield* this.tell(at, from + 1, numbers);
      }
    } else if (made < 0) yield;
    else {
      const known = (id: string) => numbers[this.ids.indexOf(id)]!;
      for (const amount of madeBy(this.plot, at, this.plot.told[made]!, known)) {
        numbers[made] = amount;
        yield;
      }
    }
  }

  /** The place of the number that comes out of the others at a move, below 0 if there is none. */
  private madePlace(at: number): number {
    const { made } = this.plot.moves[at]!;
    return made === undefined ? -1 : this.ids.indexOf(made);
  }
}

const keys = new WeakMap<Plot, string>();

/** The same text for plots whose numbers are the same, whatever is told of them. */
export function numbersKey(plot: Plot): string {
  const known = keys.get(plot);
  if (known !== undefined) return known;
  const { moves, told, remainder } = plot;
  const operations = moves.map(({ operation, uses, id, inUnits, gives }) => [
    ...[operation, uses, id, inUnits, gives]
  ]);
  const key = JSON.stringify([operations, told, remainder !== 'none']);
  keys.set(plot, key);
  return key;
}
