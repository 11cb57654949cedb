import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'choose-way',
  family: 'mental',
  title: 'Choosing a way',
  example: '198 + 57',
  schools: { named: 'Naming the way', worked: 'By the best way' },
  words: 'choose strategy suitable cheapest mixed sums differences products flexible'
};
