import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'long-division',
  family: 'written',
  title: 'Long division',
  example: '4488 / 22',
  schools: { columns: 'In columns', chunks: 'By chunks' },
  operation: 'division',
  words: 'divide share quotient remainder bring down multiples'
};
