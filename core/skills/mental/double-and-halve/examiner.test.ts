import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'double-and-halve',
  `
12 x 16 | halved.left.1=6 halved.right.1=8 core=48 doubled.1=96 =192 | 1 1
12 x 16 | =192 | 1 1
12 x 16 | halved.left.1=6 halved.right.1=8 core=48 =192 | 1 1
12 x 16 | halved.left.1=6 halved.right.1=8 core=48 =48 | 1 0 {not-doubled-back}
12 x 16 | halved.left.1=6 halved.right.1=8 core=48 =96 | 1 0 {one-doubling-short}
12 x 16 | =96 | 0 0 {one-doubling-short}
12 x 16 | halved.left.1=6 halved.right.1=8 core=42 doubled.1=84 =168 | 1 0 | 6 x 8 taken for 42
12 x 16 | halved.left.1=7 halved.right.1=8 core=56 doubled.1=112 =224 | 1 0 | half of 12 taken for 7
12 x 16 | halved.left.1=6 halved.right.1=8 core=48 doubled.1=96 =182 | 1 0
one-to-the-other: 12 x 16 | halved=8 doubled=24 =192 | 1 1
one-to-the-other: 12 x 16 | halved=6 doubled=32 =192 | 1 1 | the other one halved
one-to-the-other: 12 x 16 | halved=4 doubled=48 =192 | 1 1 | halved twice
one-to-the-other: 16 x 25 | halved=4 doubled=100 =400 | 1 1
one-to-the-other: 12 x 16 | halved=8 doubled=24 =182 | 1 0
one-to-the-other: 12 x 16 | halved=8 doubled=26 =208 | 1 0 | one slip, followed
one-to-the-other: 12 x 16 | =192 | 1 1`
);
