import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'near-base-multiplication',
  `
97 x 93 | deviation.left=-3 deviation.right=-7 cross=90 scaled=9000 po=21 =9021 | 1 1
97 x 93 | deviation.left=3 deviation.right=7 cross=90 po=21 =9021 | 1 1 | signs left off
97 x 93 | cross=90 po=21 =9021 | 1 1
97 x 93 | =9021 | 1 1
97 x 93 | cross=90 po=20 =9020 | 1 0 | one slip
97 x 93 | cross=91 po=21 =9121 | 1 0
97 x 93 | cross=91 po=20 =9120 | 0 0 | two slips
97 x 93 | =10421 | 0 0 {under-added}
97 x 93 | cross=90 po=21 =9012 | 1 0 | copied wrong
105 x 101 | =10605 | 1 1
105 x 101 | cross=106 po=5 =1065 | 1 0 {deviation-product-not-padded}
105 x 101 | =1065 | 0 0 {deviation-product-not-padded}
106 x 97 | =10282 | 1 1
106 x 97 | cross=103 po=-18 =10282 | 1 1
106 x 97 | cross=103 po=18 =10318 | 0 0 {mixed-side-added}
106 x 97 | =10318 | 0 0 {mixed-side-added}
43 x 47 | deviation.left=3 deviation.right=7 cross=50 scaled=2000 po=21 =2021 | 1 1 | from 40
43 x 47 | deviation.left=-7 deviation.right=-3 cross=40 scaled=2000 po=21 =2021 | 1 1 | from 50
36 x 29 | =1044 | 1 1
36 x 29 | =344 | 0 0 {base-not-scaled}
106 x 97 | cross=103 scaled=10300 po=-18 =10318 | 1 0 | the sign written and not used`
);
