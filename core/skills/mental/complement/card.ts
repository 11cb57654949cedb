import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'complement',
  family: 'mental',
  title: 'Making up to a round number',
  example: '1000 - 305',
  schools: { 'nines-and-ten': 'All from nine, the last from ten' },
  operation: 'subtraction',
  way: 'nines and ten',
  words: 'minus take away complement change money round number'
};
