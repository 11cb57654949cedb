import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'short-multiplication',
  family: 'written',
  title: 'Short multiplication',
  example: '47 x 6',
  schools: { columns: 'In columns' },
  operation: 'multiplication',
  words: 'times product multiplying by one digit'
};
