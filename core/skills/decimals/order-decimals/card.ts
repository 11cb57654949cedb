import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'order-decimals',
  family: 'decimals',
  title: 'Ordering decimals',
  example: '0.5, 0.45, 0.406, 0.61 ascending',
  schools: { padding: 'With zeros put in' },
  words: 'sort compare size smallest largest'
};
