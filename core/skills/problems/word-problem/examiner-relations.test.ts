import { checkExaminer } from '../../../catalogue/examiner.test-helper';
import { inFull } from './scripts.test-helper';

/** Problems of every relation, each asked for another of its quantities. */
const problems: Readonly<Record<string, string>> = {
  PA: 'Wella sells jam. A jar costs £2. Wella takes £138. How many jars does Wella sell?',
  PB: 'Ruan takes 54 pupils to the caves. It costs £14 for each pupil. How much does the trip cost?',
  PC: 'Bram bakes 528 loaves in a week. Petrok bakes 507 loaves in the same week. How many fewer loaves does Petrok bake than Bram?',
  PD: 'Merryn follows the path to the stone circle. From there it is 6.3 km to the inn. Merryn walks 7.875 km to the inn. How long is the path to the stone circle?',
  PE: 'Steren has £55. Steren buys 6 tickets. A ticket costs £7.75. How much money does Steren have then?',
  PF: 'A trumpet costs £422.10. A horn costs £168.50 more than the trumpet. A tuba costs £120.95 more than the horn. How much do the three cost altogether?',
  PG: '45 children want to go on the pond. A boat takes 12 children. How many boats are full, and how many children are over?',
  PH: 'Cuthbert and Jago weigh their baskets. The basket of Jago is 750 g heavier than that of Cuthbert. The basket of Jago weighs 8.35 kg. How much does the basket of Cuthbert weigh?',
  PI: 'On Friday the sun shines for 1 1/2 hours. On Saturday the sun shines for 3 1/12 hours. How much longer does the sun shine on Saturday than on Friday?',
  PJ: 'The library has 400 readers. Myghal puts books on shelves. A shelf holds 40 books. There are 2408 books. The library was shut for 5 days. When all full shelves are done, how many books are over?'
};

checkExaminer(
  'word-problem',
  inFull(
    problems,
    `
PA | =69 | 1 1
PA | o0=138 ÷ 2 =69 jars | 1 1
PA | o0=138 x 2 r0=276 =276 | 0 0
PA | =136 | 0 0
PA | o0=138 ÷ 2 =64 | 1 0
PA | =140 | 0 0 {all-numbers-added}
PB | =£756 | 1 1 1
PB | =756 | 1 1 0
PB | =£756.00 | 1 1 1
PB | o0=54 x 14 r0=756 =£756 | 1 1 1
PB | o0=54 + 14 r0=68 =£68 | 0 0 1 {all-numbers-added}
PB | o0=54 x 14 =£746 | 1 0 1
PB | o0=54 x 14 r0=270 =£270 | 1 0 1
PB | =75600p | 1 1 1
PB | o0=54 ÷ 14 =£3.86 | 0 0 1
PC | =21 | 1 1
PC | o0=528 - 507 r0=21 =21 loaves | 1 1
PC | o0=528 + 507 r0=1035 =1035 | 0 0 {all-numbers-added}
PC | =1035 | 0 0 {all-numbers-added}
PC | o0=528 - 507 =121 | 1 0
PC | o0=528 - 507 r0=21 =12 | 1 0 | copied wrongly
PC | o0=582 - 507 r0=75 =75 | 1 0 | miscopied
PD | =1.575 km | 1 1 1
PD | =1575 m | 1 1 1
PD | =1.575 | 1 1 0
PD | o0=7.875 - 6.3 =7.812 km | 1 0 1
PD | o0=7.875 + 6.3 r0=14.175 =14.175 km | 0 0 1 {all-numbers-added}
PD | =14.175 km | 0 0 1 {all-numbers-added}
PD | o0=7.875 - 6.3 r0=1.575 =1.575 m | 1 1 0
PD | o0=7875 - 6300 r0=1575 =1575 m | 1 1 1 | worked in metres
PE | =£8.50 | 1 1 1 1
PE | =8.50 | 1 1 1 0
PE | o0=6 x 7.75 r0=46.5 o1=55 - 46.50 r1=8.5 =£8.50 | 1 1 1 1
PE | o1=55 - 6 x 7.75 =£8.50 | 1 1 1 1
PE | o0=6 x 7.75 r0=46.5 =£46.50 | 1 0 0 1 {stops-after-first-step}
PE | o0=6 x 7.75 r0=42.5 o1=55 - 42.50 r1=12.5 =£12.50 | 1 1 0 1
PE | o0=6 + 7.75 r0=13.75 o1=55 - 13.75 r1=41.25 =£41.25 | 0 1 0 1
PE | o0=6 x 7.75 r0=46.5 o1=55 + 46.50 r1=101.5 =£101.50 | 1 0 0 1
PE | =£68.75 | 0 0 0 1 {all-numbers-added}
PF | =£1724.25 | 1 1 1 1 1
PF | o2=422.10 x 3 + 168.50 x 2 + 120.95 =£1724.25 | 1 1 1 1 1
PF | =£711.55 | 0 0 0 0 1 {all-numbers-added}
PF | =£590.60 | 0 0 0 0 1 {stops-after-first-step}
PF | o0=422.10 + 168.50 r0=590.6 o1=422.10 + 120.95 r1=543.05 o2=422.10 + 590.60 + 543.05 r2=1555.75 =£1555.75 | 1 0 1 0 1
PF | o0=422.10 + 168.50 r0=590.6 o1=590.60 + 120.95 r1=711.55 =£711.55 | 1 1 0 0 1
PG | =3 boats and 9 over | 1 1
PG | =3 r 9 | 1 1
PG | =3 | 0 0 | what is over is asked too
PG | o0=45 ÷ 12 r0=3 r 9 =3 boats, 9 children | 1 1
PG | o0=45 ÷ 12 r0=3 r 9 =4 | 1 0
PG | o0=45 ÷ 12 =3 r 11 | 1 0
PH | =7.6 kg | 1 1 1
PH | =7.60 kg | 1 1 1
PH | =7600 g | 1 1 1
PH | =7.6 | 1 1 0
PH | o0=8.35 - 0.75 =7.6 kg | 1 1 1
PH | o0=8350 - 750 r0=7600 =7600 g | 1 1 1 | worked in grams
PH | o0=8.35 + 0.75 r0=9.1 =9.1 kg | 0 0 1 {keyword-followed}
PH | =9.1 kg | 0 0 1 {keyword-followed}
PH | o0=8.35 - 0.75 =8.6 kg | 1 0 1
PH | c0=7.5 o0=8.35 - 7.5 r0=0.85 =0.85 kg | 1 0 1 | wrongly converted
PH | o0=8.35 - 750 | 0 0 0 | not converted
PI | =1 7/12 hours | 1 1 1
PI | =95 minutes | 1 1 1
PI | =1 7/12 | 1 1 0
PI | o0=3 1/12 - 1 1/2 =1 7/12 hours | 1 1 1
PI | o0=3 1/12 + 1 1/2 r0=4 7/12 =4 7/12 hours | 0 0 1 {keyword-followed}
PI | =4 7/12 hours | 0 0 1 {keyword-followed}
PI | o0=3 1/12 - 1 1/2 =2 5/12 hours | 1 0 1
PI | =1 h 35 min | 1 1 1
PJ | =8 | 1 1
PJ | o0=2408 ÷ 40 r0=60 r 8 =8 books | 1 1
PJ | o0=2408 ÷ 40 r0=60 r 8 =60 | 1 0
PJ | =60 | 0 0
PJ | o0=2408 ÷ 40 =28 | 1 0
PJ | o0=2408 x 40 r0=96320 =96320 | 0 0
PJ | o0=2408 - 400 r0=2008 =2008 | 0 0
`
  )
);
