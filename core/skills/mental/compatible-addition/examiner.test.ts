import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'compatible-addition',
  `
56 + 65 + 35 + 44 | hundreds=200 =200 | 1 1
56 + 65 + 35 + 44 | =200 | 1 1
56 + 65 + 35 + 44 | hundreds=100 rest=100 =200 | 1 1 | one pair seen, the rest added
56 + 65 + 35 + 44 | hundreds=200 =210 | 1 0
53 + 78 + 47 + 89 | hundreds=100 rest=167 =267 | 1 1
53 + 78 + 47 + 89 | hundreds=100 =267 | 1 1
53 + 78 + 47 + 89 | =267 | 1 1
53 + 78 + 47 + 89 | hundreds=100 rest=157 =257 | 1 0
53 + 78 + 47 + 89 | hundreds=100 rest=167 =276 | 1 0
53 + 78 + 47 + 89 | hundreds=100 =100 | 1 0 {leftover-forgotten}
53 + 78 + 47 + 89 | =100 | 0 0 {leftover-forgotten}
53 + 47 + 62 + 48 | hundreds=100 rest=110 =210 | 1 1
53 + 47 + 62 + 48 | hundreds=200 =200 | 0 0 {decoy-taken}
53 + 47 + 62 + 48 | =200 | 0 0 {decoy-taken}
53 + 47 + 62 + 48 | hundreds=100 rest=100 =200 | 1 0 | one slip`
);
