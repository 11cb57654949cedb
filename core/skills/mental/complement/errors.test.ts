import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('complement', {
  'all-to-ten': [
    ['100 - 43', '67'],
    ['1000 - 7', '3'],
    ['1000 - 305', '705'],
    ['50 - 23', '-'],
    ['10 - 4', '=']
  ],
  'all-to-nine': [
    ['100 - 43', '56'],
    ['1000 - 7', '992'],
    ['1000 - 305', '694'],
    ['100 - 60', '39'],
    ['700 - 286', '-']
  ],
  'leading-nines-lost': [
    ['1000 - 43', '57'],
    ['100 - 7', '3'],
    ['1000 - 305', '='],
    ['10000 - 620', '380'],
    ['50 - 3', '-']
  ],
  'trailing-zero-to-ten': [
    ['100 - 60', '310'],
    ['1000 - 370', '6210'],
    ['1000 - 43', '-'],
    ['1000 - 300', '6910'],
    ['700 - 280', '-']
  ],
  'head-not-reduced': [
    ['50 - 23', '37'],
    ['700 - 286', '514'],
    ['700 - 200', '-'],
    ['1000 - 43', '-'],
    ['9000 - 70', '9930']
  ]
});
