import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'double-and-halve',
  family: 'mental',
  title: 'Doubling and halving',
  example: '12 x 16',
  schools: {
    'halve-then-double': 'Halve, multiply, double back',
    'one-to-the-other': 'Halve one, double the other'
  },
  operation: 'multiplication',
  way: 'halve and double',
  words: 'times product twice half'
};
