import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('exact-cube-root', {
  'ending-not-complemented': [
    ['∛12167', '27'],
    ['∛1331', '='],
    ['∛1728', '18'],
    ['∛614125', '='],
    ['∛2197', '17']
  ],
  'bracket-rounded-up': [
    ['∛12167', '33'],
    ['∛1331', '21'],
    ['∛1728', '22'],
    ['∛614125', '95'],
    ['∛7880599', '209']
  ]
});
