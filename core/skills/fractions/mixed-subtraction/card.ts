import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'mixed-subtraction',
  family: 'fractions',
  title: 'Mixed-number subtraction',
  example: '6 2/9 - 3 7/9',
  schools: {
    regroup: 'In columns',
    improper: 'Improper fractions',
    parts: 'Parts apart'
  },
  words: 'fractions minus take away difference borrow denominators'
};
