import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'decimal-multiplication',
  family: 'decimals',
  title: 'Decimal multiplication',
  example: '4.6 x 2.4',
  schools: { places: 'Counting places', estimate: 'By an estimate' },
  operation: 'multiplication',
  words: 'times product multiplying point places rounding'
};
