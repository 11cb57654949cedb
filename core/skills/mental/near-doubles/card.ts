import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'near-doubles',
  family: 'mental',
  title: 'Near doubles',
  example: '65 + 67',
  schools: { smaller: 'From the smaller', larger: 'From the larger' },
  operation: 'addition',
  way: 'near double',
  words: 'plus sum double twice almost equal'
};
