import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'decimal-subtraction',
  `
8.25 - 3.4 | digit.-2=5 rewritten.-1=12 digit.-1=8 rewritten.0=7 digit.0=4 =4.85 | 1 1
8.25 - 3.4 | pad.1.-2=0 digit.-2=5 rewritten.-1=12 digit.-1=8 rewritten.0=7 digit.0=4 =4.85 | 1 1
8.25 - 3.4 | =4.85 | 1 1
8.25 - 3.4 | =4.850 | 1 1
8.25 - 3.4 | digit.-2=5 digit.-1=8 digit.0=4 =4.85 | 1 1
8.25 - 3.4 | digit.-2=5 digit.-1=2 digit.0=5 =5.25 | 0 0 {smaller-from-larger}
8.25 - 3.4 | =5.25 | 0 0 {smaller-from-larger}
8.25 - 3.4 | =5.21 | 0 0 {point-splits-number}
8.25 - 3.4 | digit.-2=1 digit.-1=2 digit.0=5 =5.21 | 0 0 {point-splits-number}
8.25 - 3.4 | digit.-2=1 digit.-1=2 digit.0=5 | 0 0 {point-splits-number}
8.25 - 3.4 | digit.-2=5 rewritten.-1=12 digit.-1=8 rewritten.0=7 digit.0=3 =3.85 | 1 0 | 7 - 3 taken for 3
8.25 - 3.4 | digit.-2=5 rewritten.-1=12 digit.-1=8 digit.0=5 =5.85 | 0 0 {no-decrement}
8.25 - 3.4 | digit.-2=5 rewritten.-1=12 digit.-1=8 rewritten.0=7 digit.0=4 =4.58 | 1 0 | copied wrong
8.25 - 3.4 | digit.-2=5 rewritten.-1=12 digit.-1=8 rewritten.0=7 digit.0=4 =485 | 1 0
8.25 - 3.4 | digit.-2=5 rewritten.-1=12 digit.-1=7 rewritten.0=7 digit.0=4 =4.75 | 1 0 | one slip
8.25 - 3.4 | =485 | 0 0 {point-dropped}
6 - 2.35 | =3.65 | 1 1
6 - 2.35 | =4.35 | 0 0
6 - 2.35 | digit.-2=5 digit.-1=6 digit.0=3 =3.65 | 1 1
equal-additions: 8.25 - 3.4 | digit.-2=5 raised.-1=12 digit.-1=8 increased.0=4 digit.0=4 =4.85 | 1 1
equal-additions: 8.25 - 3.4 | digit.-2=5 raised.-1=12 digit.-1=8 digit.0=5 =5.85 | 0 0 {no-decrement}
equal-additions: 8.25 - 3.4 | =4.85 | 1 1
8.25 - 3.4 | digit.-2=5 rewritten.-1=12 digit.-1=8 rewritten.0=7 digit.0=5 =5.85 | 0 0 {no-decrement} | written and not used`
);
