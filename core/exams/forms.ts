import {
  isUnusual,
  meetsControls,
  skillOf,
  splitPatternKey,
  WorkedItem,
  type Controls,
  type Skill
} from '../skill';
import { partSeed, TooMuchWork, tryWithin } from '../spaces';
import type { PartKind } from './blueprint';
import { Remembered } from './alike';
import { optionsOf } from './choice';
import { controlsFor, drawSome } from './draw-some';
import { canShow } from './row-facts';

/** A part whose numbers vary from form to form. */
export interface FormPart {
  readonly skill: string;
  readonly given: unknown;
  readonly school: string;
  /** Features that keep their value, beside those on which marks, difficulty and time depend. */
  readonly hold: readonly string[];
  /** What its row asks of it; what the rung of the skill's ladder asks that it meets, if absent. */
  readonly controls?: Controls;
  /** Where there are too few versions with the same values of what its controls name, any that meet them will do. */
  readonly isLoose?: boolean;
  /** How it is presented; with its answer alone if absent. */
  readonly kind?: PartKind;
}

export interface FormsAsked {
  readonly parts: readonly FormPart[];
  readonly count: number;
  readonly seed: number;
  readonly avoid: readonly { readonly skill: string; readonly given: unknown }[];
}

interface FormItem {
  readonly skill: string;
  readonly given: unknown;
}

/** Forms of the parts in their order, and the parts of which there are not so many versions. */
export interface Forms {
  readonly forms: readonly (readonly FormItem[])[];
  readonly short: readonly { readonly part: number; readonly versions: number }[];
}

/** Work of finding the versions of one part. */
const PART_WORK = 15e6;

/** Items looked at for each version that is wanted, and beside: others show other patterns. */
const TRIES = 8;
const TRIES_AT_LEAST = 60;

/**
 * Equivalent forms: in every place an item worth the same marks, as hard and as long, with the same kinds of marks and
 * the same error patterns to show, and the same values of what is held and of what the part's controls name. No item stands twice, nor with its numbers
 * exchanged, and none of those given. Where a space is too small a part has as many versions as there are, the one that
 * is given among them, in turn, so that neighbours differ as long as there are two.
 *
 * @throws TooMuchWork, naming the part of which versions are too dear to find: `parts.3`.
 */
export function formsOf({ parts, count, seed, avoid }: FormsAsked): Forms {
  const used = new Map<string, Set<string>>();
  const usedOf = (skill: Skill) => {
    const own = used.get(skill.id) ?? new Set<string>();
    used.set(skill.id, own);
    return own;
  };
  for (const { skill: id, given } of [...avoid, ...parts]) {
    const skill = skillOf(id);
    skill.degenerate.forEach((key) => usedOf(skill).add(key));
    usedOf(skill).add(skill.itemKey(given));
  }
  const short: { part: number; versions: number }[] = [];
  const columns = parts.map((part, at) => {
    const skill = skillOf(part.skill);
    const taken = usedOf(skill);
    const wanted = { count, seed: partSeed(seed, `form/${at}`), taken };
    const found = tryWithin(PART_WORK, () => versionsOf(part, skill, wanted));
    if (!found) throw new TooMuchWork([`parts.${at}`]);
    found.forEach((given) => taken.add(skill.itemKey(given)));
    if (found.length === count) return found;
    const versions = [...found, part.given];
    short.push({ part: at, versions: versions.length });
    return Array.from({ length: count }, (_, form) => versions[form % versions.length]);
  });
  return {
    forms: Array.from({ length: count }, (_, form) =>
      columns.map((column, at) => ({ skill: parts[at]!.skill, given: column[form] }))
    ),
    short
  };
}

function versionsOf(
  part: FormPart,
  skill: Skill,
  { count, seed, taken }: { count: number; seed: number; taken: ReadonlySet<string> }
): unknown[] {
  const wanted = likeness(skill, part.given, part);
  // Those not nearly alike to another, of another answer, come first; the others are for where there are too few.
  const answers = new Set([wanted.answer]);
  const remembered = new Remembered();
  remembered.add({ line: skill.given.print(part.given), answer: wanted.answer });
  const fresh: unknown[] = [];
  const alike: unknown[] = [];
  const same: unknown[] = [];
  const size = TRIES * count + TRIES_AT_LEAST;
  const known = new Set(taken);
  const candidates = function* () {
    const asked = { count: size, seed, except: known };
    yield* drawSome(skill, { ...asked, controls: heldIn(part, skill) });
    // What was found is excepted now.
    if (part.isLoose) yield* drawSome(skill, { ...asked, controls: heldLoosely(part, skill) });
  };
  for (const candidate of candidates()) {
    if (fresh.length === count) break;
    known.add(skill.itemKey(candidate));
    const { answer, text } = likeness(skill, candidate, part);
    if (text !== wanted.text) continue;
    const one = { line: skill.given.print(candidate), answer };
    if (answers.has(answer)) {
      same.push(candidate);
      continue;
    }
    answers.add(answer);
    const isAlike = remembered.isAlike(one);
    if (!isAlike) remembered.add(one);
    (isAlike ? alike : fresh).push(candidate);
  }
  return [...fresh, ...alike, ...same].slice(0, count);
}

/**
 * What every version must meet: the values of the part's own item in all that is held or that its controls name. A part
 * without controls stays within those of the rung that it could be of.
 */
function heldIn({ given, hold, controls }: FormPart, skill: Skill): Controls {
  const features = skill.measure(given);
  const kindOf = (name: string) => skill.features.find(({ id }) => id === name)?.kind;
  const unusual = skill.features.filter((feature) => isUnusual(feature, features[feature.id]!));
  const names = [
    ...[...skill.decidingFeatures, ...hold, ...Object.keys(controls ?? {})],
    // Amounts stay amounts, and fractions that cancel go on doing so.
    ...unusual.map(({ id }) => id)
  ];
  const values = names.filter((name) => kindOf(name) !== 'tables');
  // Which tables occur is no one value: as many as are allowed may.
  const tables = Object.entries(controls ?? {}).filter(([name]) => kindOf(name) === 'tables');
  return {
    ...(controls ? Object.fromEntries(tables) : rungControls(skill, given)),
    ...controlsFor(Object.fromEntries(values.map((name) => [name, features[name]!])))
  };
}

/** As {@link heldIn}, but what the controls name need only meet them. */
function heldLoosely(part: FormPart, skill: Skill): Controls {
  const asked = part.controls ?? rungControls(skill, part.given);
  return { ...asked, ...heldIn({ ...part, controls: {} }, skill) };
}

/** The controls of the first rung of a skill's ladder that an item meets; none if it meets no rung. */
function rungControls(skill: Skill, given: unknown): Controls {
  return skill.ladder.find(({ controls }) => meetsControls(skill, given, controls))?.controls ?? {};
}

/** What must be the same beside the features, as one text: kinds of marks, and what can show. */
function likeness(
  skill: Skill,
  given: unknown,
  { school, kind = 'bare' }: Pick<FormPart, 'school' | 'kind'>
): { text: string; answer: string } {
  const worked = new WorkedItem(skill, given, school);
  const marks = worked.scheme.marks.map(({ kind: own, value }) => `${own}${value}`);
  const options = kind === 'choice' ? optionsOf(skill, given, school, 0) : undefined;
  // What shows of the arithmetic differs with its numbers; of a problem its own patterns are to be the same.
  const shown = canShow(worked, { kind, options })
    .filter((key) => !splitPatternKey(key).pattern.includes('/'))
    .sort();
  // A choice whose options come short is none.
  const isPossible = kind !== 'choice' || options !== undefined;
  return { text: [isPossible, ...marks, ...shown].join(), answer: worked.answer };
}
