import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand, in each school; the readings are common practice.
checkErrors('near-doubles', {
  'difference-subtracted': [
    ['65 + 67', '128'],
    ['67 + 65', '128'],
    ['148 + 149', '295'],
    ['20 + 30', '30'],
    ['999 + 1000', '1997']
  ],
  'difference-forgotten': [
    ['65 + 67', '130'],
    ['148 + 149', '296'],
    ['174 + 179', '348'],
    ['20 + 30', '40'],
    ['999 + 1000', '1998']
  ],
  'difference-added-to-larger': [
    ['65 + 67', '136'],
    ['148 + 149', '299'],
    ['174 + 179', '363'],
    ['20 + 30', '70'],
    ['999 + 1000', '2001']
  ]
});
