import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'exact-cube-root',
  family: 'mental',
  title: 'Exact cube roots',
  example: '∛12167',
  schools: { 'ending-and-bracket': 'Last digit, then the bracket' },
  words: 'cube root third power cbrt'
};
