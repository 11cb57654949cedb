import { readControls, skillOf, type Control } from '../skill';
import type { Paper, Rung } from './paper';

/** What is wrong with a paper, and where. */
export interface PaperProblem {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** What the skills of a paper cannot read of it: items, controls, spreads. The skills must be loaded. */
export function problemsIn(paper: Paper): PaperProblem[] {
  return paper.rungs.flatMap((rung, at) =>
    problemsOfRung(rung).map(({ path, message }) => ({ path: ['rungs', at, ...path], message }))
  );
}

/** As {@link problemsIn}, of one rung. */
export function problemsOfRung(rung: Rung): PaperProblem[] {
  const { given, features } = skillOf(rung.skill);
  const { spread } = rung;
  const controls = { ...rung.controls } as Record<string, Control>;
  const asked = [
    { path: ['controls'], controls },
    ...(spread?.parts ?? []).map(({ control }, at) => ({
      path: ['spread', 'parts', at],
      controls: { [spread!.feature]: control as Control }
    }))
  ];
  return [
    ...asked.flatMap(({ path, controls }) => {
      const read = readControls(features, controls);
      if (read.ok) return [];
      const { field, expected } = read.error;
      return [{ path: [...path, field], message: `needs ${expected}` }];
    }),
    ...rung.items.flatMap((item, at) =>
      given.schema.safeParse(item.given).success
        ? []
        : [{ path: ['items', at, 'given'], message: 'not an item of the skill' }]
    )
  ];
}
