import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'reversed-pair',
  `
68 + 86 | digitSum=14 =154 | 1 1
68 + 86 | =154 | 1 1
68 + 86 | digitSum=14 =1414 | 1 0 {digit-sum-written-twice}
68 + 86 | digitSum=14 =140 | 1 0 {times-ten}
68 + 86 | =1414 | 0 0 {digit-sum-written-twice}
68 + 86 | =140 | 0 0 {times-ten}
68 + 86 | digitSum=13 =143 | 1 0 | 6 + 8 taken for 13, followed
68 + 86 | digitSum=14 =144 | 1 0
68 + 86 | digitSum=14 =145 | 1 0 | copied wrong
68 + 86 | digitSum=13 =153 | 1 0 | one slip in the digits added, which are the method
68 + 86 | digitSum=13 =154 | 1 1 | right over one slip
32 + 23 | digitSum=5 =55 | 1 1`
);
