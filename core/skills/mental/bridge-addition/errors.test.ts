import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('bridge-addition', {
  'given-not-taken': [
    ['198 + 57', '257'],
    ['995 + 37', '1037'],
    ['55 + 45', '105'],
    ['24 + 43', '73'],
    ['198 + 57 + 10', '267']
  ],
  'taken-twice': [
    ['198 + 57', '253'],
    ['995 + 37', '1027'],
    ['55 + 45', '95'],
    ['24 + 43', '61'],
    ['58 + 39', '96']
  ]
});
