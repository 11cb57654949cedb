import type { SkillCard } from '../../skill/card';

/** A question that its author writes: it is marked and printed like an item, but never drawn or listed. */
export const card: SkillCard = {
  id: 'own-question',
  family: 'own',
  title: 'Own question',
  example: 'How many lanterns stand on the bridge?',
  schools: { written: 'As written' },
  words: ''
};

/** The id under which a question of one's own stands among the skills. */
export const OWN_QUESTION = card.id;
