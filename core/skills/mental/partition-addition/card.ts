import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'partition-addition',
  family: 'mental',
  title: 'Adding from the left',
  example: '78 + 89',
  schools: { partition: 'Place by place from the left' },
  operation: 'addition',
  way: 'from the left',
  words: 'plus sum partition split hundreds tens ones parts'
};
