import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'partition-addition',
  `
78 + 89 | part.1=150 part.0=17 =167 | 1 1
78 + 89 | =167 | 1 1
78 + 89 | part.1=150 =167 | 1 1
78 + 89 | part.1=150 part.0=16 =166 | 1 0 | 8 + 9 taken for 16
78 + 89 | part.1=160 part.0=17 =177 | 1 0
78 + 89 | part.1=150 part.0=17 =168 | 1 0
78 + 89 | part.1=150 part.0=17 =176 | 1 0 | copied wrong
78 + 89 | part.1=150 part.0=16 =167 | 1 1 | right over one slip
78 + 89 | part.1=140 part.0=16 =156 | 0 0 | two slips
78 + 89 | part.1=150 part.0=7 =157 | 0 0 {crossing-dropped}
78 + 89 | =157 | 0 0 {crossing-dropped}
78 + 89 | =1517 | 0 0 {parts-joined}
78 + 89 | part.1=15 part.0=17 =1517 | 0 0
465 + 278 | part.2=600 part.1=130 total.1=730 part.0=13 =743 | 1 1
465 + 278 | part.2=600 part.1=130 part.0=13 =743 | 1 1
465 + 278 | part.2=600 part.1=130 total.1=730 part.0=12 =742 | 1 0
465 + 278 | part.2=600 part.1=130 total.1=720 part.0=13 =733 | 1 0
465 + 278 | part.2=600 part.1=120 total.1=720 part.0=12 =732 | 0 0`
);
