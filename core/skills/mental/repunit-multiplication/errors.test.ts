import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('repunit-multiplication', {
  'carry-dropped': [
    ['4870 x 11', '42570'],
    ['463 x 11', '4093'],
    ['12 x 11', '='],
    ['99 x 11', '989'],
    ['6481 x 111', '608391']
  ],
  'sum-written-whole': [
    ['46 x 11', '4106'],
    ['12 x 11', '='],
    ['99 x 11', '9189'],
    ['463 x 11', '41093'],
    ['120 x 111', '=']
  ],
  'leading-not-increased': [
    ['4870 x 11', '43570'],
    ['463 x 11', '4093'],
    ['99 x 11', '989'],
    ['46 x 11', '406'],
    ['12 x 11', '-']
  ]
});
