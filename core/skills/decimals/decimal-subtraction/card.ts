import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'decimal-subtraction',
  family: 'decimals',
  title: 'Decimal subtraction',
  example: '5.2 - 1.75',
  schools: { decomposition: 'Decomposition', 'equal-additions': 'Equal additions' },
  operation: 'subtraction',
  words: 'minus take away difference borrowing regrouping exchanging point places'
};
