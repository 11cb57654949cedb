import { patternKey, skillOf, WorkedItem, type Skill } from '../skill';
import { partSeed, TooMuchWork, tryWithin } from '../spaces';
import { controlsFor, drawSome } from './draw-some';

/** A part whose numbers vary from form to form. */
export interface FormPart {
  readonly skill: string;
  readonly given: unknown;
  readonly school: string;
  /** Features that keep their value, beside those on which marks, difficulty and time depend. */
  readonly hold: readonly string[];
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
 * the same error patterns to show, and the same values of what is held. No item stands twice, nor with its numbers
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
  { given, school, hold }: FormPart,
  skill: Skill,
  { count, seed, taken }: { count: number; seed: number; taken: ReadonlySet<string> }
): unknown[] {
  const features = skill.measure(given);
  const held = controlsFor(
    Object.fromEntries([...skill.decidingFeatures, ...hold].map((name) => [name, features[name]!]))
  );
  const wanted = likeness(skill, given, school);
  // Those with an answer of their own come first; the others are for where there are too few.
  const answers = new Set([wanted.answer]);
  const fresh: unknown[] = [];
  const others: unknown[] = [];
  const asked = { controls: held, count: TRIES * count + TRIES_AT_LEAST, seed, except: taken };
  for (const candidate of drawSome(skill, asked)) {
    if (fresh.length === count) break;
    const { answer, text } = likeness(skill, candidate, school);
    if (text !== wanted.text) continue;
    (answers.has(answer) ? others : fresh).push(candidate);
    answers.add(answer);
  }
  return [...fresh, ...others].slice(0, count);
}

/** What must be the same beside the features, as one text: kinds of marks, and what shows. */
function likeness(skill: Skill, given: unknown, school: string): { text: string; answer: string } {
  const worked = new WorkedItem(skill, given, school);
  const marks = worked.scheme.marks.map(({ kind, value }) => `${kind}${value}`);
  const shown = worked.showing().map(({ pattern }) => patternKey(skill.id, pattern.id));
  return { text: [...marks, ...shown].join(), answer: worked.answer };
}
