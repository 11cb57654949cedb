import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'decimal-addition',
  `
27.38 + 46.5 | digit.-2=8 digit.-1=8 digit.0=3 carry.1=1 digit.1=7 =73.88 | 1 1
27.38 + 46.5 | pad.1.-2=0 digit.-2=8 digit.-1=8 digit.0=3 carry.1=1 digit.1=7 =73.88 | 1 1
27.38 + 46.5 | =73.88 | 1 1
27.38 + 46.5 | =73.880 | 1 1
27.38 + 46.5 | digit.-2=8 digit.-1=8 digit.0=3 digit.1=7 =73.88 | 1 1 | carried in the head
27.38 + 46.5 | =7388 | 0 0 {point-dropped}
27.38 + 46.5 | digit.-2=8 digit.-1=8 digit.0=3 carry.1=1 digit.1=7 =7388 | 1 0 | right squares, the point left out below
27.38 + 46.5 | digit.-2=8 digit.-1=8 digit.0=3 carry.1=1 digit.1=7 =738.8 | 1 0
27.38 + 46.5 | digit.-2=8 digit.-1=8 digit.0=3 digit.1=6 =63.88 | 0 0 {carry-dropped}
27.38 + 46.5 | digit.-2=8 digit.-1=9 digit.0=3 carry.1=1 digit.1=7 =73.98 | 1 0 | one slip
27.38 + 46.5 | digit.-2=8 digit.-1=7 digit.0=2 carry.1=1 digit.1=7 =72.78 | 0 0 | two slips
27.38 + 46.5 | =32.03 | 0 0 {right-aligned}
0.45 + 0.35 | =0.8 | 1 1
0.45 + 0.35 | =0.80 | 1 1
0.45 + 0.35 | =.8 | 1 1
0.45 + 0.35 | =4/5 | 1 1 | a fraction of the same value
0.45 + 0.35 | =0.08 | 0 0
5.12 + 3.7 | =8.82 | 1 1
5.12 + 3.7 | =8.19 | 0 0 {point-splits-number}
7.4 + 2.6 | =10 | 1 1
7.4 + 2.6 | =10.0 | 1 1
7.4 + 2.6 | =9.10 | 0 0 {point-splits-number}
27.38 + 46.5 | digit.-2=8 digit.-1=8 digit.0=3 carry.1=1 digit.1=6 =63.88 | 0 0 {carry-dropped} | written and not used`
);
