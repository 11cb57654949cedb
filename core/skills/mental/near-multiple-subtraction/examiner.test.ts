import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'near-multiple-subtraction',
  `
532 - 298 | mu=300 di=232 ad=2 =234 | 1 1
532 - 298 | =234 | 1 1
532 - 298 | mu=300 di=232 =234 | 1 1
532 - 298 | mu=300 =234 | 1 1
532 - 298 | mu=300 | 1 0 | the multiple is the method
532 - 298 | mu=300 di=232 =232 | 1 0 | not put right
532 - 298 | mu=300 di=232 ad=2 =230 | 1 0 | put right the wrong way
532 - 298 | =230 | 0 0
532 - 298 | =232 | 0 0
532 - 298 | mu=300 di=242 ad=2 =244 | 1 0
532 - 298 | mu=300 di=232 ad=3 =235 | 1 0
532 - 298 | mu=300 di=242 ad=3 =245 | 1 0 | two slips; the multiple is the method
532 - 298 | mu=300 di=232 ad=3 =234 | 1 1 | right over wrong working
532 - 298 | mu=300 di=242 ad=2 =240 | 1 0 | the wrong way, and a slip
532 - 298 | mu=290 di=242 ad=-8 =234 | 1 1 | another multiple beside it
532 - 298 | mu=290 di=242 ad=8 =234 | 1 1 | the sign left off
532 - 298 | mu=250 di=282 ad=48 =330 | 1 0 | a multiple further off, and the wrong way from there
532 - 298 | mu=3?0 di=232 ad=2 =234 | 1 1
532 - 302 | mu=300 di=232 ad=2 =230 | 1 1 | the sign left off
532 - 302 | mu=300 di=232 ad=-2 =230 | 1 1
532 - 302 | mu=300 di=232 ad=2 =234 | 1 0
83 - 29 | mu=30 di=53 ad=1 =54 | 1 1
83 - 29 | mu=30 di=53 ad=1 =52 | 1 0
83 - 29 | =66 | 0 0
83 - 29 | mu=30 di=63 ad=1 =64 | 1 0`
);
