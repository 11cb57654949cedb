import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'mixed-addition',
  `
3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 fn=17 wh=4 carried.whole=5 carried.numerator=5 =5 5/12 | 1 1 1
3 2/3 + 1 3/4 | =5 5/12 | 1 1 1
3 2/3 + 1 3/4 | =5+5/12 | 1 1 1
3 2/3 + 1 3/4 | cd=24 common.0=16 common.1=18 fn=34 wh=4 carried.whole=5 carried.numerator=10 =5 5/12 | 1 1 1 | any common denominator
3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 fn=17 wh=4 =4 5/12 | 1 0 0 {whole-not-carried}
3 2/3 + 1 3/4 | =4 5/12 | 0 0 0
3 2/3 + 1 3/4 | =4 5/7 | 0 0 0 {denominators-added}
3 2/3 + 1 3/4 | =5 2/3 | 0 0 0 {unlike-denominators-ignored}
3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 fn=16 wh=4 carried.whole=5 carried.numerator=4 =5 1/3 | 1 1 0 | 8 + 9 taken for 16, followed
3 2/3 + 1 3/4 | cd=12 common.0=7 common.1=9 fn=16 wh=4 carried.whole=5 carried.numerator=4 =5 1/3 | 1 1 0 | one wrong numerator, followed
3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 | 1 0 0
3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 fn=17 wh=4 carried.whole=5 carried.numerator=5 =5 12/5 | 1 1 0 | copied wrong
3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 fn=17 wh=5 carried.whole=6 carried.numerator=5 =6 5/12 | 1 1 0 | 3 + 1 taken for 5
improper: 3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 improper.0=44 improper.1=21 improper.sum=65 =5 5/12 | 1 1 1
improper: 3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 improper.0=44 improper.1=23 improper.sum=67 =5 7/12 | 1 1 0
improper: 3 2/3 + 1 3/4 | =5 5/12 | 1 1 1
2 3/5 + 1 1/5 | =3 4/5 | 1 1
2 3/5 + 1 1/5 | fn=4 wh=3 =3 4/5 | 1 1
2 3/5 + 1 1/5 | =3 4/10 | 0 0 {denominators-added}
2 3/5 + 1 1/5 | fn=4 wh=4 =4 4/5 | 1 0
1 3/4 + 2 3/4 | =4 1/2 | 1 1 1
1 3/4 + 2 3/4 | =4 2/4 | 1 1 0 | the value, not its simplest form
1 3/4 + 2 3/4 | =3 1/2 | 0 0 0 {whole-not-carried} | shows no simplest form of the right sum
3 2/3 + 1 3/4 | cd=12 common.0=8 common.1=9 fn=17 wh=4 carried.whole=5 carried.numerator=5 =4 5/12 | 1 1 0 {whole-not-carried} | written and not used`
);
