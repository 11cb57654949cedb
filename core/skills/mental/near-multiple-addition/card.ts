import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'near-multiple-addition',
  family: 'mental',
  title: 'Adding near a multiple',
  example: '576 + 198',
  schools: { compensation: 'Compensation' },
  operation: 'addition',
  way: 'near multiple',
  words: 'plus sum rounding adjusting number line jumps compensation'
};
