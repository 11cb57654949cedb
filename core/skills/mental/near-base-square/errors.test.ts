import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('near-base-square', {
  'under-added': [
    ['98²', '10004'],
    ['107²', '-'],
    ['47²', '2509'],
    ['91²', '-'],
    ['998²', '1000004']
  ],
  'deviation-product-not-padded': [
    ['103²', '1069'],
    ['98²', '964'],
    ['112²', '-'],
    ['107²', '-'],
    ['1004²', '100816']
  ],
  'overlap-appended': [
    ['112²', '124144'],
    ['103²', '-'],
    ['14²', '1816'],
    ['88²', '-'],
    ['85² near 100', '70225']
  ],
  'deviation-from-last-digit': [
    ['98²', '10664'],
    ['107²', '='],
    ['112²', '11404'],
    ['103²', '='],
    ['48²', '-']
  ],
  'doubled-for-squared': [
    ['107²', '11414'],
    ['98²', '='],
    ['112²', '12424'],
    ['47²', '2206'],
    ['1003²', '1006006']
  ]
});
