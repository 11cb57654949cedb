import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('near-multiple-addition', {
  'compensated-wrong-way': [
    ['576 + 197', '779'],
    ['576 + 90', '686'],
    ['64 + 41', '103'],
    ['300 + 200', '='],
    ['985 + 35', '1030'] // 40 added, and 5 more
  ],
  'compensation-forgotten': [
    ['576 + 197', '776'],
    ['576 + 90', '676'],
    ['64 + 41', '104'],
    ['300 + 200', '='],
    ['985 + 35', '1025']
  ]
});
