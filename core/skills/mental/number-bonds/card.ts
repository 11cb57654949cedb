import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'number-bonds',
  family: 'mental',
  title: 'Number bonds',
  example: '37 + __ = 100',
  schools: { recall: 'Known by heart' },
  words: 'recall fact missing addend make ten hundred'
};
