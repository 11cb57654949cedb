import type { HouseStyle } from '@zealous-quill/core/house-style';
import { cards } from '@zealous-quill/core/catalogue';
import { schoolIn, viewItem, type Skill } from '@zealous-quill/core/skill';
import { loadedSkills } from '@zealous-quill/core/catalogue/all';
import { db } from '$lib/server/database/base/connection';
import { listDefaultSchemes } from '$lib/server/database/papers/default-schemes';
import { houseStyleState } from '$lib/server/database/papers/house-style';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
  const { style, version } = houseStyleState(db());
  return {
    version,
    methods: cards.flatMap((card) => {
      const options = Object.entries(card.schools);
      if (options.length < 2) return [];
      const { id, title } = card;
      return [{ id, title, options, usual: schoolIn(card, { ...style, methods: {} }) }];
    }),
    samples: loadedSkills().map((skill) => sample(skill, style)),
    schemes: listDefaultSchemes(db())
  };
};

/** A skill's own example, worked as the house does. */
function sample(skill: Skill, style: HouseStyle) {
  const given = skill.given.parse(skill.example)!;
  const { item, layout, steps } = viewItem(skill, given, schoolIn(skill, style), style);
  const { id, title } = skill;
  return { id, title, prompt: item.prompt, layout, steps };
}
