import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'number-bonds',
  `
37 + __ = 100 | =63 | 1
37 + __ = 100 | =063 | 1
37 + __ = 100 | =73 | 0 {all-to-ten}
37 + __ = 100 | =137 | 0 {numbers-added}
37 + __ = 100 | =64 | 0
4 + __ = 9 | =5 | 1
4 + __ = 9 | =13 | 0 {numbers-added}`
);
