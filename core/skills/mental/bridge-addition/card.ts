import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'bridge-addition',
  family: 'mental',
  title: 'Making up a multiple',
  example: '198 + 57',
  schools: { 'make-up': 'Give to make it up' },
  operation: 'addition',
  way: 'making up',
  words: 'plus sum bridging make ten through hundred'
};
