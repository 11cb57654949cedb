import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'column-addition',
  `
487 + 365 | d:852 c:11 =852 | 1 1
487 + 365 | =852 | 1 1
487 + 365 | d:852 | 1 1 | the squares read across are the answer
487 + 365 | d:852 =852 | 1 1 | carried in the head
487 + 365 | d:852 =825 | 1 0 | copied wrong below complete squares
487 + 365 | d:852 =85Z | 1 1 | the squares say what cannot be read below them
487 + 365 | =742 | 0 0
487 + 365 | d:742 =742 | 0 0 | a carry dropped every time is no method
487 + 365 | d:742 | 0 0
487 + 365 | d:862 c:11 =862 | 1 0 | one slip
487 + 365 | d:863 c:11 =863 | 0 0 | two slips
487 + 365 | d:853 c:11 =853 | 1 0
487 + 365 | d:752 c:_1 =752 | 1 0 | one carry left out, the other used
487 + 365 | d:842 c:11 =842 | 1 0 | 8 + 6 + 1 taken for 14
487 + 365 | d:952 c:21 =952 | 1 0 | 15 taken for 25: one wrong total, followed
487 + 365 | d:852 c:12 =852 | 1 1 | a carry written wrong that nobody used
487 + 365 | d:8?2 c:11 =852 | 1 1 | an unreadable square costs nothing by itself
487 + 365 | d:8?2 c:11 | 0 0 | as if it were blank: not finished
487 + 365 | d:_52 c:11 | 0 0 | not finished
487 + 365 | d:71412 =71412 | 0 0
487 + 365 | d:743 =743 | 0 0 | carries dropped, and a slip
487 + 365 | d:852 c:11 =528 | 1 0 | copied wrong
487 + 365 | =71412 | 0 0
487 + 365 | =1311 | 0 0
58 + 67 | d:125 c:11 =125 | 1 1
58 + 67 | d:115 =115 | 0 0
58 + 67 | d:116 =116 | 0 0 | the carry dropped, and a slip
58 + 67 | d:25 c:1 =25 | 0 0
58 + 67 | d:135 c:11 =135 | 1 0 | 12 taken for 13
96 + 7 | d:103 =103 | 1 1
96 + 7 | d:93 =93 | 0 0
96 + 7 | =913 | 0 0
47 + 38 | d:75 =85 | 1 1 | right over wrong working: proposed as earned, for the marker to see
47 + 38 | d:64 =85 | 0 1 | two wrong squares show no method, whatever the answer says
189 + 276 + 358 | d:823 c:22 =823 | 1 1
189 + 276 + 358 | d:813 c:21 =813 | 1 0 | carried 1 for 2, followed
189 + 276 + 358 | d:713 c:11 =713 | 0 0 | both carries wrong
3205 + 478 | =3,683 | 1 1
3205 + 478 | =3683.0 | 1 1
3205 + 478 | d:3693 c:_1 =3693 | 1 0
487 + 36 | =847 | 0 0
487 + 36 | d:523 c:11 =532 | 1 0
487 + 365 | d:742 c:11 =742 | 0 0 {carry-dropped} | written and not used`
);
