import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'short-multiplication',
  `
47 x 6 | d:282 c:4 =282 | 1 1
47 x 6 | d:282 | 1 1
47 x 6 | =282 | 1 1
47 x 6 | =242 | 0 0
47 x 6 | d:242 =242 | 0 0
47 x 6 | d:243 =243 | 0 0 | the carry dropped, and a slip
47 x 6 | d:2442 =2442 | 0 0
47 x 6 | d:482 c:4 =482 | 0 0
47 x 6 | d:276 c:3 =276 | 1 0 | 6 x 7 taken for 36
47 x 6 | d:278 c:3 =278 | 1 0 | 6 x 7 taken for 38
47 x 6 | d:272 c:4 =272 | 1 0 | 24 + 4 taken for 27
47 x 6 | d:272 c:3 =272 | 1 0 | carried 3 for 4, followed
47 x 6 | d:273 c:4 =273 | 0 0 | two slips
47 x 6 | d:282 c:4 =228 | 1 0
47 x 6 | d:282 c:5 =282 | 1 1 | the carry written wrong, the right one used
47 x 6 | d:2?2 c:4 =282 | 1 1
47 x 6 | =264 | 0 0
47 x 6 | =82 | 0 0
406 x 3 | d:1218 c:1 =1218 | 1 1
406 x 3 | d:1248 =1248 | 0 0 | 0 x 3 taken for 3, as a rule
406 x 3 | d:418 c:1 =418 | 0 0
406 x 3 | d:1228 c:1 =1228 | 1 0
58 x 4 | d:228 c:2 =228 | 1 0 | 8 x 4 taken for 28
58 x 4 | d:228 =228 | 1 0
58 x 4 | =228 | 0 0
706 x 8 | d:5648 c:4 =5,648 | 1 1
706 x 8 | d:4948 c:4 =4948 | 1 0 | 7 x 8 taken for 49
47 x 6 | d:242 c:4 =242 | 0 0 {carry-dropped} | written and not used`
);
