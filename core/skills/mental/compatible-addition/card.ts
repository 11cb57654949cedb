import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'compatible-addition',
  family: 'mental',
  title: 'Pairs that make a hundred',
  example: '56 + 65 + 35 + 44',
  schools: { pairs: 'Pairs first' },
  operation: 'addition',
  words: 'plus sum compatible friends hundred several numbers'
};
