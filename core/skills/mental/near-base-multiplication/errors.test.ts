import { checkErrors } from '../../../catalogue/skill-checks.test-helper';

// Worked by hand; the readings are common practice: no published catalogue of mental errors is known.
checkErrors('near-base-multiplication', {
  'mixed-side-added': [
    ['106 x 97', '10318'],
    ['36 x 29', '1056'],
    ['97 x 93', '-'],
    ['112 x 109', '-'],
    ['1003 x 998', '1001006']
  ],
  'under-added': [
    ['97 x 93', '10421'],
    ['106 x 97', '10918'],
    ['105 x 101', '-'],
    ['98 x 98', '10004'],
    ['36 x 29', '1116'] // 36 and 1 are 37, times 30, and 6
  ],
  'base-not-scaled': [
    ['36 x 29', '344'],
    ['55 x 56 near 50', '640'],
    ['97 x 93 near 100', '-'],
    ['42 x 41 near 40', '432'],
    ['88 x 92 near 90', '896']
  ],
  'fifty-not-halved': [
    ['55 x 56 near 50', '6130'],
    ['36 x 29', '-'],
    ['48 x 47', '4506'],
    ['53 x 49', '5197'],
    ['97 x 93', '-']
  ],
  'deviation-product-not-padded': [
    ['105 x 101', '1065'],
    ['97 x 93', '-'],
    ['98 x 99', '972'],
    ['106 x 97', '-'],
    ['1003 x 1004', '100712']
  ],
  'overlap-appended': [
    ['112 x 109', '121108'],
    ['97 x 93', '-'],
    ['13 x 14', '1712'],
    ['85 x 88 near 100', '73180'],
    ['36 x 29', '-']
  ]
});
