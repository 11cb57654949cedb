import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'decimal-addition',
  family: 'decimals',
  title: 'Decimal addition',
  example: '5.12 + 3.7',
  schools: { columns: 'In columns' },
  operation: 'addition',
  words: 'sum plus adding carrying point places'
};
