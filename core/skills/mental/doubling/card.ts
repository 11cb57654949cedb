import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'doubling',
  family: 'mental',
  title: 'Doubling from the left',
  example: '2 x 358',
  schools: { 'looking-ahead': 'Looking one digit ahead' },
  operation: 'multiplication',
  words: 'double twice two times'
};
