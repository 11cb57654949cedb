import type { BarModel } from '../bars';
import { defaultHouseStyle, type HouseStyle } from '../house-style';
import { ANSWER, isShown, stepOf, writtenValue } from '../working';
import { schoolIn } from './card';
import { titleIn, type Features } from './feature';
import type { Asking, Skill } from './skill';
import { difficultyOf, secondsOf } from './prediction';
import { WorkedItem } from './worked-item';

/** An item with everything that is computed from its skill and what is given. */
export interface Item {
  readonly skill: string;
  readonly given: unknown;
  readonly school: string;
  readonly prompt: string;
  readonly answer: string;
  readonly features: Features;
  readonly difficulty: number;
  readonly seconds: number;
  readonly steps: readonly ItemStep[];
  /** Its bars, as it is told, where it has any. */
  readonly model?: BarModel;
  /** The error patterns that show on this item, with the answer each would give. */
  readonly errorPatterns: readonly { id: string; title: string; answer: string }[];
}

export interface ItemStep {
  readonly id: string;
  readonly kind: string;
  readonly label: string;
  readonly value: string;
  readonly uses: readonly string[];
}

/** Computes an item in words; it is worked as the house does if no school is named. */
export function analyseItem(
  skill: Skill,
  given: unknown,
  {
    style = defaultHouseStyle,
    school = schoolIn(skill, style)
  }: { school?: string; style?: HouseStyle } = {}
): Item {
  return itemOf(new WorkedItem(skill, given, school), style);
}

/** A worked item in words, asked in some manner. */
export function itemOf(worked: WorkedItem, style: HouseStyle, asking?: Asking): Item {
  const { skill, given, school, graph, key } = worked;
  const last = stepOf(graph, ANSWER);
  const features = skill.measure(given);
  const model = skill.model(given, style);
  return {
    skill: skill.id,
    given,
    school,
    prompt: skill.prompt(given, style, asking),
    answer: writtenValue(last, key.get(ANSWER), style)!,
    features: told(features),
    difficulty: difficultyOf(skill.weights, features),
    seconds: secondsOf(skill.weights, features),
    steps: graph.steps
      .filter((step) => isShown(step, key.get(step.id)))
      .map((step) => ({
        id: step.id,
        kind: step.kind,
        label: worked.label(step, style),
        value: writtenValue(step, key.get(step.id), style)!,
        uses: step.uses
      })),
    ...(model && { model }),
    errorPatterns: worked.showing().map(({ pattern, answer }) => ({
      id: pattern.id,
      title: titleIn(pattern.title, style),
      answer: writtenValue(last, answer, style)!
    }))
  };
}

/** Features of parts of an item are told only where there are such parts. */
function told(features: Features): Features {
  return Object.fromEntries(
    Object.entries(features).filter(
      ([id, value]) => !(id.includes('/') && Array.isArray(value) && value.length === 0)
    )
  );
}

/** A name for a pattern of a skill: skills share ids, but a carry dropped in one is not one dropped in another. */
export function patternKey(skill: string, pattern: string): string {
  return `${skill}/${pattern}`;
}

/** The skill and the pattern of a key made by {@link patternKey}. */
export function splitPatternKey(key: string): { skill: string; pattern: string } {
  const at = key.indexOf('/');
  return { skill: key.slice(0, at), pattern: key.slice(at + 1) };
}
