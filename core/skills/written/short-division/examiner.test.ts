import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'short-division',
  `
850 / 4 | q:212 carried.0=1 =212 r 2 | 1 1
850 / 4 | =212 r 2 | 1 1
850 / 4 | =212.5 | 1 1
850 / 4 | =212 1/2 | 1 1
850 / 4 | q:212 =212 r 2 | 1 1 | carried in the head
850 / 4 | =212 | 0 0 {final-remainder-dropped}
850 / 4 | q:212 carried.0=1 =212 | 1 0 | right squares, the remainder left out below
850 / 4 | =212.2 | 0 0 {remainder-as-decimal}
850 / 4 | q:215 carried.0=2 =215 | 1 0 | 2 carried for 1, followed
850 / 4 | q:212 carried.0=1 =221 r 2 | 1 0 | copied wrong
850 / 4 | q:213 carried.0=1 =213 | 1 0 | one slip
608 / 2 | =304 | 1 1
608 / 2 | =304 r 0 | 1 1
608 / 2 | q:304 | 1 1 | the squares read across
608 / 2 | q:304 =340 | 1 0
608 / 2 | =34 | 0 0 {quotient-zero-omitted}
608 / 2 | q:3_4 =34 | 0 0 {quotient-zero-omitted}
935 / 5 | q:187 carried.1=4 carried.0=3 =187 | 1 1
935 / 5 | q:197 carried.1=4 carried.0=3 =197 | 1 0
935 / 5 | q:167 carried.1=3 carried.0=3 =167 | 1 0 | 3 carried for 4, followed
935 / 5 | q:198 carried.1=4 carried.0=3 =198 | 0 0 | two slips
935 / 5 | q:101 =101 | 0 0 {interim-remainder-dropped}
935 / 5 | =187.0 | 1 1`
);
