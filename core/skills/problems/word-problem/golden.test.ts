import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('word-problem', { steps: 1, distractors: 0, context: ['bakery'] }, [
  'Jory makes tarts. Elowen makes 4 times as many as Jory. Elowen makes 128 tarts. How many tarts does Jory make?',
  'Seed bread is sold by weight. Bram buys 5.9 kg of it. Bram pays £12.39. What does a kilogram of seed bread cost?',
  'Elowen bakes 108 loaves in the morning. Orla bakes 402 loaves in the afternoon. How many loaves do they bake altogether?'
]);
