import { checkGolden } from '../../../catalogue/skill-checks.test-helper';

checkGolden('word-problem', { steps: 1, distractors: 0, context: ['bakery'] }, [
  'Petrok bakes 192 loaves in the morning. Tamsin bakes in the afternoon. That makes 2522 loaves for the day. How many loaves does Tamsin bake in the afternoon?',
  'Petrok bakes 234 loaves in the morning. Jory bakes in the afternoon. That makes 4267 loaves for the day. How many loaves does Jory bake in the afternoon?',
  'Orla weighs a batch of dough and gets 7.235 kg. The white dough in it weighs 3.005 kg. The rest is brown dough. How much does the brown dough weigh?'
]);
