import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('doubling', {
  'carry-missed': [
    ['2 x 358', '606'],
    ['2 x 12', '='],
    ['2 x 75', '140'],
    ['2 x 507', '1004'],
    ['2 x 5000', '=']
  ],
  'total-written-whole': [
    ['2 x 358', '61016'],
    ['2 x 12', '='],
    ['2 x 75', '1410'],
    ['2 x 507', '10014'],
    ['2 x 5000', '=']
  ]
});
