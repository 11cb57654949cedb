import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'near-multiple-subtraction',
  family: 'mental',
  title: 'Subtracting near a multiple',
  example: '532 - 298',
  schools: { compensation: 'Compensation' },
  operation: 'subtraction',
  way: 'near multiple',
  words: 'minus take away rounding adjusting number line jumps compensation'
};
