import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'decimal-multiplication',
  `
3.25 x 0.7 | d:2275 carry.1=3 carry.2=1 product=2275 places=3 =2.275 | 1 1
3.25 x 0.7 | =2.275 | 1 1
3.25 x 0.7 | =2.2750 | 1 1
3.25 x 0.7 | d:2275 =2.275 | 1 1
3.25 x 0.7 | d:2275 =2.572 | 1 0 | copied wrong below right squares
3.25 x 0.7 | d:2275 places=2 =2.572 | 1 0 | and counted wrong: no more, no less
3.25 x 0.7 | d:2275 =22.75 | 1 0 | the point
3.25 x 0.7 | d:2275 places=2 =22.75 | 1 0
3.25 x 0.7 | d:2275 product=2275 places=3 =22.75 | 1 0
3.25 x 0.7 | =2275 | 0 0 {point-dropped}
3.25 x 0.7 | d:2175 carry.1=3 carry.2=1 product=2175 places=3 =2.175 | 1 0 | 7 x 3 + 1 taken for 21
3.25 x 0.7 | d:2145 =2.145 | 0 0 {carry-dropped}
0.6 x 0.3 | =0.18 | 1 1
0.6 x 0.3 | =.18 | 1 1
0.6 x 0.3 | =0.180 | 1 1
0.6 x 0.3 | =18/100 | 1 1
0.6 x 0.3 | =9/50 | 1 1
0.6 x 0.3 | =1.8 | 0 0 {places-as-in-addition}
0.6 x 0.3 | =18 | 0 0
0.74 x 6.5 | r0:370 r1:4440 s:4810 =4.81 | 1 1 1 1
0.74 x 6.5 | =4.81 | 1 1 1 1
0.74 x 6.5 | =4.810 | 1 1 1 1
0.74 x 6.5 | r0:370 r1:4440 s:4810 =48.1 | 1 1 1 0
0.74 x 6.5 | r0:370 r1:4440 =4.81 | 1 1 1 1 | added in the head
0.74 x 6.5 | r0:380 r1:4440 s:4820 =4.82 | 1 1 1 0 | one slip, followed
estimate: 3.25 x 0.7 | estimate=2.1 d:2275 product=2275 =2.275 | 1 1
estimate: 3.25 x 0.7 | =2.275 | 1 1
estimate: 3.25 x 0.7 | estimate=2.1 d:2275 product=2275 =22.75 | 1 0
3.25 x 0.7 | d:2145 carry.1=3 carry.2=1 =2.145 | 0 0 {carry-dropped} | written and not used`
);
