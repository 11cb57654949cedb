import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'column-subtraction',
  `
403 - 127 | w:3,9,13 d:276 =276 | 1 1
403 - 127 | d:276 =276 | 1 1
403 - 127 | =276 | 1 1
403 - 127 | =324 | 0 0
403 - 127 | d:324 =324 | 0 0
403 - 127 | d:325 =325 | 0 0 | smaller from larger, and a slip
403 - 127 | w:3,9,13 d:285 =285 | 0 0 | two slips
403 - 127 | w:3,9,13 d:2?6 =276 | 1 1
523 - 187 | w:4,11,13 d:336 =363 | 1 0 | copied wrong
403 - 127 | w:4,9,13 d:376 =376 | 0 0 | the hundreds gave nothing
403 - 127 | w:3,10,13 d:286 =286 | 0 0 | the passed zero stays ten
403 - 127 | w:3,9,13 d:286 =286 | 1 0 | 9 - 2 taken for 8
403 - 127 | w:3,9,13 d:275 =275 | 1 0
403 - 127 | w:3,9,13 d:175 =175 | 0 0 | two slips
403 - 127 | w:3,9,13 d:276 =267 | 1 0 | copied wrong
403 - 127 | =530 | 0 0
523 - 487 | w:4,11,13 d:36 =36 | 1 1 | a leading zero need not be written
523 - 487 | w:4,11,13 d:036 =36 | 1 1
523 - 487 | w:4,11,13 d:36 =63 | 1 0
523 - 487 | w:4,11,13 d:46 =46 | 1 0
523 - 487 | =164 | 0 0
52 - 27 | w:4,12 d:25 =25 | 1 1
52 - 27 | d:35 =35 | 0 0
52 - 27 | w:4,12 d:24 =24 | 1 0
52 - 27 | w:4,12 d:25 =52 | 1 0
540 - 128 | w:5,3,10 d:412 =412 | 1 1
540 - 128 | d:428 =428 | 0 0
540 - 128 | d:420 =420 | 0 0
540 - 128 | w:5,3,10 d:413 =413 | 1 0
586 - 243 | d:343 =343 | 1 1
586 - 243 | d:21313 =21313 | 0 0
equal-additions: 403 - 127 | raised.0=13 increased.1=3 raised.1=10 increased.2=2 d:276 =276 | 1 1
equal-additions: 403 - 127 | d:276 | 1 1
equal-additions: 403 - 127 | raised.0=13 raised.1=10 d:386 =386 | 0 0 | the lower digits are never increased
equal-additions: 403 - 127 | raised.0=13 raised.1=10 increased.2=2 d:286 =286 | 1 0 | once not increased
equal-additions: 403 - 127 | raised.0=13 increased.1=3 raised.1=10 increased.2=2 d:277 =277 | 1 0
equal-additions: 403 - 127 | =376 | 0 0 | a pattern of the other school
52 - 27 | w:4,12 d:35 =35 | 0 0 {no-decrement} | written and not used`
);
