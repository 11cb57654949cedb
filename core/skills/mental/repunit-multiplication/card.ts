import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'repunit-multiplication',
  family: 'mental',
  title: 'Multiplying by 11, 111, 1111',
  example: '463 x 11',
  schools: { window: 'Sliding window' },
  operation: 'multiplication',
  way: 'by elevens',
  words: 'times eleven product ones window neighbours'
};
