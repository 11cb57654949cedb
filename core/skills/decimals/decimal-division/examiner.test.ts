import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'decimal-division',
  `
8.4 / 0.6 | shifted.dividend=84 shifted.divisor=6 q:14 carried.0=2 =14 | 1 1
8.4 / 0.6 | =14 | 1 1
8.4 / 0.6 | shifted.dividend=840 shifted.divisor=60 =14 | 1 1 | both points moved further
8.4 / 0.6 | shifted.dividend=840 shifted.divisor=6 =140 | 1 0 | not as far as each other: one slip
8.4 / 0.6 | shifted.dividend=8.4 shifted.divisor=6 =1.4 | 0 0 {divisor-point-only-moved}
8.4 / 0.6 | =14.0 | 1 1
8.4 / 0.6 | shifted.dividend=84 shifted.divisor=6 q:14 carried.0=2 | 1 1
8.4 / 0.6 | shifted.dividend=84 shifted.divisor=6 q:14 carried.0=2 =1.4 | 1 0 | right squares, a wrong point below
8.4 / 0.6 | =1.4 | 0 0
8.4 / 0.6 | shifted.dividend=84 shifted.divisor=6 q:14 carried.0=2 =41 | 1 0
8.4 / 0.6 | shifted.dividend=84 shifted.divisor=6 q:15 carried.0=2 =15 | 1 0 | one slip
7 / 4 | quotient.0=1 carried.-1=3 quotient.-1=7 carried.-2=2 quotient.-2=5 =1.75 | 1 1
7 / 4 | quotient.0=1 carried.-1=3 quotient.-1=7 carried.-2=2 quotient.-2=5 | 1 1 | 1.75 stands above the line
7 / 4 | =1.75 | 1 1
7 / 4 | =1 3/4 | 1 1
7 / 4 | =1.750 | 1 1
7 / 4 | =1.3 | 0 0 {remainder-as-decimal}
7 / 4 | =1 | 0 0 {stops-at-remainder}
7 / 4 | quotient.0=1 carried.-1=3 quotient.-1=7 carried.-2=2 quotient.-2=5 =17.5 | 1 0
7 / 4 | quotient.0=1 carried.-1=3 quotient.-1=8 carried.-2=2 quotient.-2=5 =1.85 | 1 0 | one slip
7 / 4 | quotient.0=1 carried.-1=3 quotient.-1=8 carried.-2=2 quotient.-2=6 =1.86 | 0 0 | two slips
6.3 / 7 | =0.9 | 1 1
6.3 / 7 | =.9 | 1 1
6.3 / 7 | =9/10 | 1 1
6.3 / 7 | =9 | 0 0
4.2 / 4 | =1.05 | 1 1
4.2 / 4 | =1.5 | 0 0 {quotient-zero-omitted}
4.2 / 4 | quotient.0=1 carried.-2=2 quotient.-2=5 =1.5 | 0 0 {quotient-zero-omitted}`
);
