import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'decimal-division',
  family: 'decimals',
  title: 'Decimal division',
  example: '4.488 / 2.2',
  schools: { shifted: 'Points moved' },
  operation: 'division',
  words: 'divide share quotient point places zeros moving'
};
