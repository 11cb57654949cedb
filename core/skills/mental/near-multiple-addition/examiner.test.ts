import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'near-multiple-addition',
  `
576 + 198 | mu=200 sum=776 ad=-2 =774 | 1 1
576 + 198 | mu=200 sum=776 ad=2 =774 | 1 1 | the sign left off
576 + 198 | mu=200 =774 | 1 1
576 + 198 | =774 | 1 1
576 + 198 | mu=200 sum=776 ad=2 =778 | 1 0 {compensated-wrong-way}
576 + 198 | mu=200 sum=776 =776 | 1 0 {compensation-forgotten}
576 + 198 | =778 | 0 0 {compensated-wrong-way}
576 + 198 | =776 | 0 0 {compensation-forgotten}
576 + 198 | mu=200 sum=786 ad=-2 =784 | 1 0
576 + 198 | mu=200 sum=776 ad=-3 =773 | 1 0
576 + 198 | mu=190 sum=766 ad=8 =774 | 1 1 | another multiple beside it
576 + 198 | mu=300 sum=876 ad=-102 =774 | 1 1 | a multiple further off
576 + 198 | mu=580 sum=778 ad=-4 =774 | 1 1 | seen from the other number
576 + 198 | mu=197 sum=773 ad=1 =774 | 0 1 | no multiple; right all the same
45 + 39 | mu=40 sum=85 ad=-1 =84 | 1 1
576 + 198 | mu=200 sum=776 ad=-2 =776 | 1 0 {compensation-forgotten} | written and not used`
);
