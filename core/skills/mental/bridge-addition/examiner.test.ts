import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'bridge-addition',
  `
198 + 57 | mu=200 rest=55 =255 | 1 1
198 + 57 | =255 | 1 1
198 + 57 | mu=200 =255 | 1 1
198 + 57 | mu=60 rest=195 =255 | 1 1 | the other made up
198 + 57 | mu=210 rest=45 =255 | 1 1 | a further multiple
198 + 57 | mu=200 rest=56 =256 | 1 0 | one slip
198 + 57 | mu=200 rest=55 =265 | 1 0
198 + 57 | mu=200 rest=55 =525 | 1 0
198 + 57 | mu=200 rest=57 =257 | 0 0 {given-not-taken}
198 + 57 | =257 | 0 0 {given-not-taken}
198 + 57 | =253 | 0 0 {taken-twice}
198 + 57 | mu=60 rest=198 =258 | 0 0 {given-not-taken} | the same with the other made up
198 + 57 + 26 | mu=200 rest=55 subtotal=255 =281 | 1 1
198 + 57 + 26 | mu=200 rest=55 subtotal=255 =271 | 1 0
198 + 57 + 26 | mu=200 rest=57 subtotal=257 =283 | 0 0 {given-not-taken}
198 + 57 + 26 | =281 | 1 1
198 + 57 | mu=200 rest=55 =257 | 1 0 {given-not-taken} | found and not used`
);
