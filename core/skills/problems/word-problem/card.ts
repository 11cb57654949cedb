import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'word-problem',
  family: 'problems',
  title: 'Word problems',
  example:
    'The bakery has 37.5 kg of flour. Orla uses 250 g of it for rolls. How much flour is left?',
  schools: { told: 'Told in words' },
  words:
    'story situation bar model context money measures units part whole compare change equal groups times rate'
};
