import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'complement',
  `
1000 - 43 | d:957 =957 | 1 1
1000 - 43 | d:957 | 1 1
1000 - 43 | =957 | 1 1
1000 - 43 | d:956 =956 | 0 0 {all-to-nine}
1000 - 43 | d:967 =967 | 1 0 | one slip
1000 - 43 | =967 | 0 0
1000 - 43 | d:57 =57 | 0 0 {leading-nines-lost}
1000 - 43 | =57 | 0 0
1000 - 43 | d:957 =975 | 1 0 | copied wrong
1000 - 43 | d:947 =947 | 1 0
1000 - 43 | d:946 =946 | 0 0 | two slips
700 - 286 | d:414 =414 | 1 1
700 - 286 | d:514 =514 | 0 0 {head-not-reduced}
700 - 286 | =514 | 0 0 {head-not-reduced}
700 - 286 | d:413 =413 | 1 0
700 - 286 | d:424 =424 | 1 0
100 - 60 | =40 | 1 1
100 - 60 | =310 | 0 0 {trailing-zero-to-ten}`
);
