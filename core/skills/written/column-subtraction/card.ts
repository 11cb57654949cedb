import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'column-subtraction',
  family: 'written',
  title: 'Column subtraction',
  example: '503 - 187',
  schools: { decomposition: 'Decomposition', 'equal-additions': 'Equal additions' },
  operation: 'subtraction',
  words: 'minus take away difference borrowing regrouping exchanging'
};
