import {
  houseStyleConflict,
  houseStyleSchema,
  type HouseStyle
} from '@zealous-quill/core/house-style';
import { cards, schoolIn, viewItem, wrongMethod, type Skill } from '@zealous-quill/core/skills';
import { skills } from '@zealous-quill/core/skills/all';
import { db } from '$lib/server/database/connection';
import { readHouseStyle, saveHouseStyle } from '$lib/server/database/house-style';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** What the field of a skill's method is called in the form. */
const METHOD = 'methods.';

export const load: PageServerLoad = () => {
  const style = readHouseStyle(db());
  return {
    methods: cards.flatMap((card) => {
      const options = Object.entries(card.schools);
      if (options.length < 2) return [];
      const { id, title } = card;
      return [{ name: METHOD + id, title, options, chosen: schoolIn(card, style) }];
    }),
    samples: skills.map((skill) => sample(skill, style))
  };
};

/** A skill's own example, worked as the house does. */
function sample(skill: Skill, style: HouseStyle) {
  const given = skill.given.parse(skill.example)!;
  const { item, layout, steps } = viewItem(skill, given, schoolIn(skill, style), style);
  const { id, title } = skill;
  return { id, title, prompt: item.prompt, layout, steps };
}

export const actions: Actions = {
  default: async ({ request }) => {
    const before = readHouseStyle(db());
    const form = [...(await request.formData())].map(
      ([name, value]) => [name, String(value)] as const
    );
    const methods = form.filter(([name]) => name.startsWith(METHOD));
    const others = form.filter(([name]) => !name.startsWith(METHOD));
    const parsed = houseStyleSchema.safeParse({
      ...before,
      ...Object.fromEntries(others.map(([name, value]) => [name, readValue(value)])),
      methods: {
        ...before.methods,
        ...Object.fromEntries(methods.map(([name, school]) => [name.slice(METHOD.length), school]))
      }
    });
    if (!parsed.success || wrongMethod(parsed.data) !== undefined) {
      return fail(400, { problem: 'This choice is not one of those offered.' });
    }
    if (houseStyleConflict(parsed.data)) {
      return fail(400, { problem: 'Commas cannot group digits beside a decimal comma.' });
    }
    saveHouseStyle(db(), parsed.data);
    return { saved: true };
  }
};

function readValue(text: string): string | number | boolean {
  if (text === 'true' || text === 'false') return text === 'true';
  return /^\d+$/.test(text) ? Number(text) : text;
}
