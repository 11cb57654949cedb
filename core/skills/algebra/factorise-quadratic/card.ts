import type { SkillCard } from '../../../skill/card';

const methods = {
  'product-and-sum': 'Product and sum',
  'area-grid': 'Area grid',
  'cross-trial': 'Cross trial',
  grouping: 'Grouping'
};

export type MethodName = keyof typeof methods;

/** What the schools that take the common factor out last end with. */
export const LAST = '-content-last';

export const card: SkillCard = {
  id: 'factorise-quadratic',
  family: 'algebra',
  title: 'Quadratics into factors',
  example: '6x² + 11x + 4',
  schools: {
    ...methods,
    ...Object.fromEntries(
      Object.entries(methods).map(([id, title]) => [id + LAST, `${title}, common factor last`])
    )
  },
  words: 'factorising factoring brackets trinomial box method'
};

export function methodOf(school: string): MethodName {
  return school.replace(LAST, '') as MethodName;
}
