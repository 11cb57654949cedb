import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('reversed-pair', {
  'digit-sum-written-twice': [
    ['68 + 86', '1414'],
    ['23 + 32', '='],
    ['19 + 91', '1010'],
    ['98 + 89', '1717'],
    ['45 + 54', '=']
  ],
  'times-ten': [
    ['68 + 86', '140'],
    ['23 + 32', '50'],
    ['19 + 91', '100'],
    ['98 + 89', '170'],
    ['45 + 54', '90']
  ]
});
