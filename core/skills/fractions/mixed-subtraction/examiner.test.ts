import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'mixed-subtraction',
  `
6 2/9 - 3 7/9 | rw=5 rn=11 fn=4 wh=2 =2 4/9 | 1 1
6 2/9 - 3 7/9 | =2 4/9 | 1 1
6 2/9 - 3 7/9 | =2 8/18 | 1 0 | not in its simplest form
6 2/9 - 3 7/9 | =3 5/9 | 0 0
6 2/9 - 3 7/9 | fn=5 wh=3 =3 5/9 | 0 0
6 2/9 - 3 7/9 | fn=5 wh=3 =3 6/9 | 0 0 | smaller from larger, and copied wrong
6 2/9 - 3 7/9 | rw=5 rn=1? fn=4 wh=2 =2 4/9 | 1 1
6 2/9 - 3 7/9 | rw=5 rn=11 fn=5 wh=2 =2 4/9 | 1 1 | right over wrong working
6 2/9 - 3 7/9 | rw=5 rn=12 fn=5 wh=2 =2 5/9 | 0 0 | ten pieces to a whole
6 2/9 - 3 7/9 | rw=6 rn=11 fn=4 wh=3 =3 4/9 | 0 0
6 2/9 - 3 7/9 | rw=5 rn=11 fn=3 wh=2 =2 3/9 | 1 0 | one slip
6 2/9 - 3 7/9 | rw=5 rn=11 fn=3 wh=3 =3 3/9 | 0 0 | two slips
6 2/9 - 3 7/9 | rw=5 rn=11 fn=4 wh=2 =4 2/9 | 1 0 | copied wrong
6 2/9 - 3 7/9 | =2+4/9 | 1 1
5 1/2 - 2 1/4 | cd=4 a=2 b=1 fn=1 wh=3 =3 1/4 | 1 1 1
5 1/2 - 2 1/4 | cd=8 a=4 b=2 fn=2 wh=3 =3 1/4 | 1 1 1 | any common denominator
5 1/2 - 2 1/4 | cd=8 a=4 b=2 fn=2 wh=3 =3 2/8 | 1 1 0 | asked for in its simplest form
5 1/2 - 2 1/4 | =3 1/4 | 1 1 1
5 1/2 - 2 1/4 | =3¼ | 1 1 1
5 1/2 - 2 1/4 | =3.25 | 1 1 0 | a decimal is not the form asked for
5 1/2 - 2 1/4 | cd=6 a=3 b=1 fn=2 wh=3 =3 2/6 | 0 1 0 | 6 is no denominator of both
5 1/2 - 2 1/4 | cd=4 a=3 b=1 fn=2 wh=3 =3 2/4 | 1 1 0 | one slip in the numerators
5 1/2 - 2 1/4 | =3 0/2 | 0 0 0
4 5/6 - 1 1/2 | cd=6 a=5 b=3 fn=2 wh=3 sn=1 sd=3 =3 1/3 | 1 1 1 1
4 5/6 - 1 1/2 | cd=6 a=5 b=3 fn=2 wh=3 =3 2/6 | 1 1 1 0 | the value, not its simplest form
4 5/6 - 1 1/2 | =3 2/6 | 1 1 1 0
4 5/6 - 1 1/2 | =3 1/3 | 1 1 1 1
improper: 6 2/9 - 3 7/9 | im=56 is=34 id=22 =2 4/9 | 1 1
improper: 6 2/9 - 3 7/9 | im=56 is=34 id=22 =22/9 | 1 0 | to be a mixed number
improper: 6 2/9 - 3 7/9 | im=56 is=35 id=21 =2 3/9 | 1 0
improper: 6 2/9 - 3 7/9 | im=55 is=35 id=20 =2 2/9 | 0 0
parts: 6 2/9 - 3 7/9 | wh=3 fn=-5 =2 4/9 | 1 1
parts: 6 2/9 - 3 7/9 | wh=3 fn=5 =3 5/9 | 0 0
6 2/9 - 3 7/9 | rw=5 rn=11 fn=4 wh=3 =3 4/9 | 0 0 {whole-not-reduced} | written and not used`
);
