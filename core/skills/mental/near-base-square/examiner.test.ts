import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'near-base-square',
  `
98² | deviation=-2 shifted=96 square=4 =9604 | 1 1
98² | deviation=2 shifted=96 square=4 =9604 | 1 1
98² | shifted=96 square=4 =9604 | 1 1
98² | =9604 | 1 1
98² | shifted=96 square=4 =964 | 1 0 {deviation-product-not-padded}
98² | =964 | 0 0 {deviation-product-not-padded}
98² | =10004 | 0 0 {under-added}
98² | shifted=100 square=4 =10004 | 0 0 {under-added}
98² | shifted=95 square=4 =9504 | 1 0 | one slip
97² | shifted=94 square=9 =9409 | 1 1
97² | shifted=94 square=6 =9406 | 0 0 {doubled-for-squared}
97² | shifted=93 square=9 =9309 | 1 0
97² | shifted=93 square=8 =9308 | 0 0 | two slips
107² | =11449 | 1 1
107² | =11414 | 0 0 {doubled-for-squared}
112² | =12544 | 1 1
112² | =124144 | 0 0 {overlap-appended}`
);
