import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'column-addition',
  family: 'written',
  title: 'Column addition',
  example: '4876 + 365',
  schools: { columns: 'In columns' },
  operation: 'addition',
  words: 'sum plus adding carrying'
};
