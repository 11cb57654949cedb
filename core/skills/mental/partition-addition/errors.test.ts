import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('partition-addition', {
  'parts-joined': [
    ['78 + 89', '1517'],
    ['465 + 278', '61313'],
    ['23 + 45', '='],
    ['7 + 8', '='],
    ['905 + 8', '9013']
  ],
  'crossing-dropped': [
    ['78 + 89', '157'],
    ['465 + 278', '633'],
    ['23 + 45', '='],
    ['905 + 8', '903'],
    ['91 + 84', '='] // only the first place totals ten or more
  ]
});
