import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'near-doubles',
  `
65 + 67 | double=130 di=2 =132 | 1 1
65 + 67 | =132 | 1 1
65 + 67 | double=130 =132 | 1 1
65 + 67 | double=134 di=2 =132 | 1 1 | from the other number
65 + 67 | double=132 =132 | 1 1 | from the middle
65 + 67 | double=132 di=0 =132 | 1 1
65 + 67 | double=130 di=2 =128 | 1 0 {difference-subtracted}
65 + 67 | double=120 di=2 =122 | 1 0 | one slip, followed
65 + 67 | double=130 di=3 =133 | 1 0
65 + 67 | double=130 di=2 =133 | 1 0
65 + 67 | double=120 di=3 =123 | 0 0 | two slips
65 + 67 | =128 | 0 0 {difference-subtracted}
65 + 67 | =130 | 0 0 {difference-forgotten}
65 + 67 | =136 | 0 0 {difference-added-to-larger}
larger: 65 + 67 | double=134 di=2 =132 | 1 1
larger: 65 + 67 | double=130 di=2 =132 | 1 1
larger: 65 + 67 | double=134 di=2 =136 | 1 0 {difference-added-to-larger}
65 + 67 | double=130 di=2 =130 | 1 0 {difference-forgotten}`
);
