import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'exact-cube-root',
  `
∛12167 | last=3 left=12 bracket=2 =23 | 1 1
∛12167 | =23 | 1 1
∛12167 | last=3 =23 | 1 1
∛12167 | last=3 bracket=2 =32 | 1 0 | copied the wrong way round
∛12167 | last=7 bracket=2 =27 | 0 0 {ending-not-complemented}
∛12167 | =27 | 0 0 {ending-not-complemented}
∛12167 | last=3 left=12 bracket=3 =33 | 0 0 {bracket-rounded-up}
∛12167 | =33 | 0 0 {bracket-rounded-up}
∛12167 | last=3 left=12 bracket=1 =13 | 1 0 | one slip
∛12167 | last=9 left=12 bracket=2 =29 | 1 0
∛12167 | last=9 left=12 bracket=1 =19 | 0 0 | two slips
∛1331 | =11 | 1 1
∛1331 | last=1 bracket=1 =11 | 1 1`
);
