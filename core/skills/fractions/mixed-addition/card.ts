import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'mixed-addition',
  family: 'fractions',
  title: 'Mixed-number addition',
  example: '3 2/3 + 1 3/4',
  schools: { parts: 'Wholes and fractions', improper: 'Improper fractions' },
  words: 'fractions plus sum add denominators'
};
