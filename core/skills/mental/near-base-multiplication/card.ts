import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'near-base-multiplication',
  family: 'mental',
  title: 'Multiplying near a base',
  example: '97 x 93',
  schools: { deviations: 'By the deviations' },
  operation: 'multiplication',
  way: 'near base',
  words: 'times product near hundred cross deviation'
};
