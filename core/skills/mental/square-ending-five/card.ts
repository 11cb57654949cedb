import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'square-ending-five',
  family: 'mental',
  title: 'Squaring a number that ends in 5',
  example: '65²',
  schools: { 'head-times-next': 'Head times the next' },
  operation: 'multiplication',
  way: 'square ending in 5',
  words: 'square times itself'
};
