import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'short-division',
  family: 'written',
  title: 'Short division',
  example: '852 / 6',
  schools: { 'bus-stop': 'In one line' },
  operation: 'division',
  words: 'divide share quotient remainder'
};
