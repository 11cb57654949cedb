import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'order-decimals',
  `
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.45, 0.5, 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =.406, .45, .5, .61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.450, 0.500, 0.610 | 1 1 | padded is no fault
0.5, 0.45, 0.406, 0.61 ascending | =0.406 < 0.45 < 0.5 < 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.406 0.45 0.5 and 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.45, 0.406, 0.5, 0.61 | 1 0 | one out of place
0.5, 0.45, 0.406, 0.61 ascending | =0.5, 0.45, 0.61, 0.406 | 0 0
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.5, 0.61, 0.45 | 1 0
0.5, 0.45, 0.406, 0.61 ascending | =0.61, 0.5, 0.45, 0.406 | 0 0 | the opposite order
0.5, 0.45, 0.406, 0.61 ascending | k:3214 | 1 1 | the ranks say the order
0.5, 0.45, 0.406, 0.61 ascending | k:3214 =0.406, 0.45, 0.5, 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.45, 0.5 | 1 0 | one left out
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.45 | 0 0
0.5, 0.45, 0.406, 0.61 ascending | =??? | 0 0
3.05, 3, 2.7 ascending | =2.7, 3, 3.05 | 1 1
3.05, 3, 2.7 ascending | =2.7, 3.05, 3 | 1 0
3.05, 3, 2.7 ascending | =2.7, 3.0, 3.05 | 1 1
3.05, 3, 2.7 ascending | =3.05, 3, 2.7 | 0 0
3.05, 3, 2.7 descending | =3.05, 3, 2.7 | 1 1
3.05, 3, 2.7 descending | =3.05 > 3 > 2.7 | 1 1
3.05, 3, 2.7 descending | =3.05, 2.7, 3 | 1 0
4.07, 4.6, 4.125, 4.2 ascending | =4.07, 4.125, 4.2, 4.6 | 1 1
4.07, 4.6, 4.125, 4.2 ascending | =4.07, 4.2, 4.6, 4.125 | 1 0 | one out of place, whatever the reason
4.07, 4.6, 4.125, 4.2 ascending | =4.2, 4.6, 4.07, 4.125 | 0 0
4.07, 4.6, 4.125, 4.2 ascending | =4.2, 4.07, 4.6, 4.125 | 0 0 | longer taken for larger, and two exchanged
4.07, 4.6, 4.125, 4.2 ascending | =4,07; 4,125; 4,2; 4,6 | 1 1`
);
