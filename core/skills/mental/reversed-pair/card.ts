import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'reversed-pair',
  family: 'mental',
  title: 'Adding a number and its reverse',
  example: '68 + 86',
  schools: { 'eleven-times': 'Eleven times the digits' },
  operation: 'addition',
  way: 'reversed pair',
  words: 'plus sum mirrored digits swapped palindrome'
};
