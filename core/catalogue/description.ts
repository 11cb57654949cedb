import type { HouseStyle } from '../house-style';
import type { SkillCard } from '../skill/card';
import { titleIn, type FeatureSpec } from '../skill/feature';
import type { RungPlan, Skill } from '../skill/skill';

/** A skill as a screen shows it: plain data, so that no screen need load the skill itself. */
export interface SkillDescription extends SkillCard {
  readonly howToType: string;
  readonly answerSign: string;
  readonly features: readonly DescribedFeature[];
  readonly patterns: readonly { id: string; title: string; reading: string }[];
  readonly ladder: readonly RungPlan[];
  /** Where its difficulty and time are from. */
  readonly origin: string;
}

export type DescribedFeature = FeatureSpec & { readonly title: string; readonly meaning: string };

/** Describes a skill in the words of a house style. */
export function describeSkill(skill: Skill, style: HouseStyle): SkillDescription {
  const { id, family, title, example, schools, operation, words } = skill;
  return {
    ...{ id, family, title, example, schools, words },
    ...(operation && { operation }),
    howToType: skill.given.howToType,
    answerSign: skill.answerSign,
    features: skill.features.map(({ measure: _measure, title, ...feature }) => ({
      ...feature,
      title: titleIn(title, style)
    })),
    patterns: skill.patterns.map(({ id, title, reading }) => ({
      id,
      title: titleIn(title, style),
      reading: titleIn(reading, style)
    })),
    ladder: skill.ladder,
    origin: skill.weights.origin
  };
}

/** What a feature is called, to be read within a sentence. */
export function featureTitle({ features }: SkillDescription, id: string): string {
  return (features.find((feature) => feature.id === id)?.title ?? id).toLowerCase();
}
