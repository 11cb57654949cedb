import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'choose-way',
  `
576 + 197 | way=near multiple =773 | 1 1
576 + 197 | way=near multiple | 1 0
576 + 197 | =773 | 0 1 | the way is asked for and not named
576 + 197 | way=near multiple =774 | 1 0
576 + 197 | way=near double =773 | 0 1
worked: 576 + 197 | mu=200 sum=776 ad=-3 =773 | 1 1
worked: 576 + 197 | =773 | 1 1
worked: 576 + 197 | mu=200 sum=776 ad=3 =779 | 1 0 {compensated-wrong-way}`
);
