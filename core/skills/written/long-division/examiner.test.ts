import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'long-division',
  `
731 / 23 | q:31 product.1=69 brought.0=41 product.0=23 remainder.0=18 =31 r 18 | 1 1 1
731 / 23 | =31 r 18 | 1 1 1
731 / 23 | =31 18/23 | 1 1 1
731 / 23 | q:31 product.1=69 brought.0=41 product.0=23 remainder.0=18 | 1 1 1 | all of the answer stands there
731 / 23 | =31 | 0 0 0 {final-remainder-dropped}
731 / 23 | =31.18 | 0 0 0 {remainder-as-decimal}
731 / 23 | q:31 product.1=69 brought.0=41 product.0=23 remainder.0=8 =31 r 8 | 1 1 0 | one slip at the end
731 / 23 | q:36 product.1=59 brought.0=141 product.0=138 remainder.0=3 =36 r 3 | 1 1 0 | 3 x 23 taken for 59, followed
731 / 23 | q:31 product.1=69 brought.0=41 product.0=23 remainder.0=18 =32 r 18 | 1 1 0 | copied wrong
731 / 23 | q:31 product.1=69 brought.0=41 product.0=23 remainder.0=18 =31 | 1 1 0 | the remainder left out below
731 / 23 | q:3_ product.1=69 brought.0=41 =3 r 41 | 1 0 0 | stopped after the first product
731 / 23 | q:3_ product.1=69 brought.0=41 | 1 0 0
731 / 23 | q:33 product.1=69 brought.0=71 product.0=69 remainder.0=2 =33 r 2 | 1 1 0 | 7 left for 4, followed
731 / 23 | q:33 product.1=59 brought.0=71 product.0=69 remainder.0=2 =33 r 2 | 0 1 0 | two slips in the first product
2795 / 21 | q:133 product.2=21 brought.1=69 product.1=63 brought.0=65 product.0=63 remainder.0=2 =133 r 2 | 1 1 1
2795 / 21 | =133 2/21 | 1 1 1
2795 / 21 | =133.2 | 0 0 0 {remainder-as-decimal}
6344 / 61 | =104 | 1 1 1
6344 / 61 | =14 | 0 0 0 {quotient-zero-omitted}
chunks: 731 / 23 | chunk.0=690 left.0=41 chunk.1=23 left.1=18 =31 r 18 | 1 1 1
chunks: 731 / 23 | chunk.0=690 left.0=41 chunk.1=23 left.1=18 =32 r 18 | 1 1 0 | counted wrong
chunks: 731 / 23 | chunk.0=460 left.0=271 chunk.1=230 left.1=41 chunk.2=23 left.2=18 =31 r 18 | 1 1 1 | smaller chunks
chunks: 731 / 23 | chunk.0=690 left.0=51 chunk.1=46 left.1=5 =32 r 5 | 1 1 0 | one slip, followed
chunks: 731 / 23 | chunk.0=690 left.0=41 | 1 0 0
chunks: 731 / 23 | =31 r 18 | 1 1 1`
);
