import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'long-multiplication',
  `
47 x 36 | r0:282 r1:1410 s:1692 =1692 | 1 1 1 1
47 x 36 | =1692 | 1 1 1 1
47 x 36 | r0:282 r1:1410 =1692 | 1 1 1 1 | added in the head
47 x 36 | r0:282 r1:1410 s:1692 =1629 | 1 1 1 0
47 x 36 | r0:282 r1:1410 s:1682 =1682 | 1 1 1 0 | one slip in the addition
47 x 36 | r0:282 r1:1410 s:1581 =1581 | 1 1 0 0 | two slips in the addition
47 x 36 | r0:292 r1:1410 s:1702 =1702 | 1 1 1 0
47 x 36 | r0:282 r1:1420 s:1702 =1702 | 1 1 1 0
47 x 36 | r0:292 r1:1420 s:1712 =1712 | 1 1 1 0 | one slip in each row
47 x 36 | r0:393 r1:1410 s:1803 =1803 | 0 1 1 0 | three wrong in one row
47 x 36 | r0:282 r1:141 s:423 =423 | 1 0 1 0 | no placeholder; the addition is right
47 x 36 | r0:282 r1:141 s:433 =433 | 1 0 1 0 | no placeholder, and one slip in the addition
47 x 36 | r0:28? r1:1410 s:1692 =1692 | 1 1 1 1
47 x 36 | =423 | 0 0 0 0
47 x 36 | =1452 | 0 0 0 0
47 x 36 | r0:242 r1:1210 s:1452 =1452 | 0 0 1 0 | carries dropped in both rows
47 x 36 | r0:282 =282 | 1 0 0 0 | the first row only
47 x 36 | r0:282 r1:1410 =1410 | 1 1 0 0 | not added
47 x 36 | r0:282 r1:1410 | 1 1 0 0
47 x 36 | r0:282 r1:141x =1692 | 1 1 1 1 | a cross holds the place
47 x 36 | row.0.digit.0=0 row.0.digit.1=1 row.0.digit.2=14 r1:282 =1692 | 1 1 1 1 | the tens first
47 x 36 | r0:482 r1:1810 s:2292 =2292 | 0 0 1 0
58 x 34 | r0:228 k0:2 r1:1740 s:1968 =1968 | 1 1 1 0 | 8 x 4 taken for 28
58 x 34 | r0:228 r1:1740 s:1968 | 1 1 1 0
58 x 34 | r0:232 r1:1540 s:1772 =1772 | 1 1 1 0 | 5 x 3 + 2 taken for 15
58 x 34 | r0:232 k0:3 r1:1740 s:1972 =1972 | 1 1 1 1
23 x 12 | r0:46 r1:230 s:276 =267 | 1 1 1 0 | copied wrong
23 x 12 | r0:46 r1:230 s:276 | 1 1 1 1
23 x 14 | =92 | 0 0 0 0
40 x 12 | r0:80 r1:400 s:480 =480 | 1 1 1 1
97 x 98 | =10006 | 0 0 0 0 | old carries added again
46 x 23 | r0:138 r1:920 s:1058 =1058 | 1 1 1 1
46 x 23 | r0:138 r1:92 s:230 =230 | 1 0 1 0
47 x 36 | r0:242 k0:4 r1:1210 s:1452 =1452 | 0 0 1 0 {carry-dropped} | written and not used`
);
