import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'near-base-square',
  family: 'mental',
  title: 'Squaring near a base',
  example: '98²',
  schools: { deviation: 'By the deviation' },
  operation: 'multiplication',
  way: 'square near base',
  words: 'square times itself near hundred deviation'
};
