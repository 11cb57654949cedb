import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'square-ending-five',
  `
65² | ne=7 po=42 =4225 | 1 1
65² | =4225 | 1 1
65² | =4,225 | 1 1
65² | ne=7 =4225 | 1 1
65² | ne=6 po=36 =3625 | 0 0 | the head squared
65² | =3625 | 0 0
65² | =130 | 0 0
65² | ne=7 po=43 =4325 | 1 0 | one slip
65² | ne=7 po=42 =4252 | 1 0
65² | ne=7 po=35 =3525 | 1 0 | 6 x 7 taken for 35
65² | =3525 | 0 0
65² | ne=8 po=48 =4825 | 1 0 | one slip, followed
65² | ne=8 po=47 =4725 | 0 0 | two slips
65² | ne=6 po=35 =3525 | 0 0 | the head squared, and a slip
65² | ne=7 po=43 =4225 | 1 1 | right over wrong working
65² | ne=6 po=35 =4225 | 0 1 | right over two slips
65² | ne=7 po=42 | 1 0
65² | ne=7 po=4? =4225 | 1 1
85² | ne=9 po=72 =7225 | 1 1
85² | ne=9 po=72 =725 | 1 0
85² | =6425 | 0 0
105² | ne=11 po=110 =11025 | 1 1
105² | =11 025 | 1 1
105² | ne=11 po=111 =11125 | 1 0`
);
