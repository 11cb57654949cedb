import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('compatible-addition', {
  'decoy-taken': [
    ['53 + 47 + 62 + 48', '200'],
    ['56 + 65 + 35 + 44', '-'],
    ['53 + 78 + 47 + 89', '-'],
    ['45 + 45 + 50', '150'],
    ['62 + 48 + 45 + 12', '157'] // 62 and 48 are taken for a hundred; 45 and 12 are left
  ],
  'leftover-forgotten': [
    ['53 + 78 + 47 + 89', '100'],
    ['53 + 47 + 62 + 48', '100'],
    ['56 + 65 + 35 + 44', '='],
    ['12 + 13 + 14', '-'],
    ['50 + 50 + 50', '100']
  ]
});
