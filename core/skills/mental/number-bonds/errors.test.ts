import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('number-bonds', {
  'all-to-ten': [
    ['37 + __ = 100', '73'],
    ['4 + __ = 100', '106'],
    ['23 + __ = 50', '37'],
    ['7 + __ = 20', '23'],
    ['30 + __ = 100', '-'],
    ['4 + __ = 10', '-'],
    ['6 + __ = 15', '-']
  ],
  'numbers-added': [
    ['37 + __ = 100', '137'],
    ['4 + __ = 10', '14'],
    ['6 + __ = 15', '21'],
    ['1 + __ = 2', '3'],
    ['30 + __ = 50', '80']
  ]
});
