import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'repunit-multiplication',
  `
463 x 11 | d:5093 carry.3=1 =5093 | 1 1
463 x 11 | d:5093 | 1 1
463 x 11 | =5093 | 1 1
463 x 11 | d:5093 =5093 | 1 1 | carried in the head
463 x 11 | d:4093 =4093 | 0 0 {carry-dropped}
463 x 11 | =4093 | 0 0 {leading-not-increased}
463 x 11 | =41093 | 0 0 {sum-written-whole}
463 x 11 | d:5083 carry.3=1 =5083 | 1 0 | one slip
463 x 11 | d:5082 =5082 | 0 0 | two slips
463 x 11 | d:5093 =5903 | 1 0 | copied wrong
36 x 11 | d:396 =396 | 1 1
36 x 11 | =366 | 0 0
463 x 11 | d:4093 carry.3=1 =4093 | 0 0 {carry-dropped} | written and not used`
);
