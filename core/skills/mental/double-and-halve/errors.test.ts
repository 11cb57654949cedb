import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand, in each school; the readings are common practice.
checkErrors('double-and-halve', {
  'one-doubling-short': [
    ['12 x 16', '96'],
    ['24 x 15', '180'],
    ['14 x 7', '49'],
    ['15 x 17', '-'],
    ['9 x 8', '-']
  ],
  'not-doubled-back': [
    ['12 x 16', '48'],
    ['24 x 15', '90'],
    ['14 x 7', '-'],
    ['15 x 17', '-'],
    ['32 x 9', '72']
  ]
});
