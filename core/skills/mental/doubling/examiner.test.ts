import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'doubling',
  `
2 x 358 | d:716 =716 | 1 1
2 x 358 | ahead.2=1 ahead.1=1 d:716 =716 | 1 1
2 x 358 | d:716 | 1 1
2 x 358 | =716 | 1 1
2 x 358 | d:606 =606 | 0 0 {carry-missed}
2 x 358 | =606 | 0 0 {carry-missed}
2 x 358 | =61016 | 0 0 {total-written-whole}
2 x 358 | d:706 =706 | 1 0 | one carry missed, the other seen
2 x 358 | d:726 =726 | 1 0
2 x 358 | d:727 =727 | 0 0 | two slips
2 x 358 | d:716 =761 | 1 0 | copied wrong
2 x 358 | =706 | 0 0
2 x 96 | d:192 =192 | 1 1
2 x 96 | =182 | 0 0
2 x 358 | ahead.2=1 ahead.1=1 d:606 =606 | 0 0 {carry-missed} | seen and not used`
);
