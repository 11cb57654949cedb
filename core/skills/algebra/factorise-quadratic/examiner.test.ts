import { checkExaminer } from '../../../catalogue/examiner.test-helper';

checkExaminer(
  'factorise-quadratic',
  `
x² - 7x + 12 | pr=12 su=-7 pa=-3,-4 =(x-3)(x-4) | 1 1
x² - 7x + 12 | =(x-3)(x-4) | 1 1
x² - 7x + 12 | =(x-3)(x-4)=0 | 1 1
x² - 7x + 12 | =x²-7x+12=(x-3)(x-4) | 1 1
x² - 7x + 12 | pa=-3,-4 | 1 0 | the right pair is the method
x² - 7x + 12 | pa=-4,-3 =(x+3)(x+4) | 1 0 | a right pair, wrong brackets
x² - 7x + 12 | pa=3,4 =(x+3)(x+4) | 0 0
x² - 7x + 12 | =(x+3)(x+4) | 0 0
x² - 7x + 12 | pa=-2,-6 =(x-2)(x-6) | 0 0
x² - 7x + 12 | pr=12 su=-7 pa=-1,-12 =(x-1)(x-12) | 0 0
x² - 7x + 12 | pr=12 su=-7 | 0 0 | nothing is found yet
x² - 7x + 12 | =not factorable | 0 0
x² - 7x + 12 | pr=12 su=-7 pa=-3,-4 =(x-3)(x-5) | 1 0
x² - 7x + 12 | pr=12 su=-7 pa=-2,-6 =(x-3)(x-4) | 0 1 | right over a wrong pair
x² - 7x + 12 | pr=12 su=-7 pa=-3,-? =(x-3)(x-4) | 1 1
x² - 7x + 12 | pr=13 su=-7 pa=-3,-4 =(x-3)(x-4) | 1 1 | nobody used the 13
x² - 5x + 6 | =(x-6)(x+1) | 0 0
2x² + 10x + 12 | =2(x+2)(x+3) | 1 1 1
2x² + 10x + 12 | =(2x+4)(x+3) | 0 1 0 | not complete
2x² + 10x + 12 | =2(x+1)(x+3) | 1 0 0 | the common factor is shown
2x² + 10x + 12 | =(x+2)(x+3) | 0 1 0 | the pair is shown
2x² + 10x + 12 | =2(x²+5x+6) | 1 0 0
2x² + 10x + 12 | co=2 pa=2,3 =(x+2)(x+3) | 1 1 0
2x² + 10x + 12 | co=2 | 1 0 0
6x² + 11x + 4 | pr=24 su=11 pa=3,8 =(2x+1)(3x+4) | 1 1
6x² + 11x + 4 | pa=3,8 =(x+3)(x+8) | 1 0 | a right pair
6x² + 11x + 4 | =(x+3)(x+8) | 0 0
6x² + 11x + 4 | pr=24 su=11 pa=3,8 =(x+3)(x+7) | 1 0 | the leading number dropped, and a slip
6x² + 11x + 4 | =(3x+4)(2x+1) | 1 1
x² + x + 1 | =not factorable | 1 1
x² + x + 1 | =(x+1)² | 0 0
x² + x + 1 | =x²+x+1 | 0 0 | written again
-x² - 22x + 47 | =not factorable | 1 1
-x² - 22x + 47 | =-(x²+22x-47) | 1 1
x² + 6x + 9 | =(x+3)² | 1 1
x² + 6x + 9 | =(x+3)(x+3) | 1 1
cross-trial: 6x² + 11x + 4 | cp=2 cq=1 cr=3 cs=4 =(2x+1)(3x+4) | 1 1
cross-trial: 10x² + 17x + 3 | cp=5 cq=3 cr=2 cs=1 =(5x+3)(2x+1) | 0 0 {middle-not-checked}
cross-trial: 10x² + 17x + 3 | =(5x+3)(2x+1) | 0 0 {middle-not-checked}
cross-trial: 10x² + 17x + 3 | cp=5 cq=1 cr=2 cs=3 =(5x+1)(2x+3) | 1 1
10x² + 17x + 3 | =(2x+2)(5x+3) | 0 0 | another quadratic
cross-trial: 6x² + 11x + 4 | cp=3 cq=4 cr=2 cs=1 =(3x+4)(2x+1) | 1 1 | in the other order
area-grid: 6x² + 11x + 4 | pa=3,8 =(2x+1)(3x+4) | 1 1
grouping: 6x² + 11x + 4 | pa=3,8 =(2x+1)(3x+4) | 1 1`
);
