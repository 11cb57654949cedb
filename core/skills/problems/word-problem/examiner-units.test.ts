import { checkExaminer } from '../../../catalogue/examiner.test-helper';
import { inFull } from './scripts.test-helper';

/** Problems with conversions, remainders, words that mislead and numbers that are not needed. */
const problems: Readonly<Record<string, string>> = {
  AA: 'The works makes lanterns all year. In winter it makes 8 times as many. In winter it makes 1160 lanterns. How many lanterns does it make in spring?',
  BB: 'It rains for 13 hours. In every hour the same amount falls. In that time 20.8 mm of rain falls. How much rain falls in an hour?',
  CC: 'A train has several carriages. A carriage takes 48 passengers. There are 653 passengers. How many carriages does the train need?',
  DD: 'A book has 528 pages. Loveday has read 372 pages. From today on Loveday reads 62 pages a day. On how many more days does Loveday have to read?',
  EE: '31 children want to go on the pond. A boat takes 5 children. How many boats are full?',
  FF: 'Rosen sets 12 rows of lettuce. There are 54 plants in a row. Snails eat 54 plants. How many plants grow up?',
  GG: 'On Tuesday the band plays for 5 1/12 hours. It plays on Thursday too. On both days it plays for 10 5/6 hours. For how long does it play on Thursday?',
  HH: 'Rumon has £9.65. Rumon pays 75p for a postcard book. How much money does Rumon have then?',
  II: 'The kitchen has made 564 lunches. 487 pupils are going on a trip. A coach takes 43 pupils. How many coaches are quite full?',
  JJ: 'A small cheese costs £17.65. A small cheese is £13.30 cheaper than a large one. How much does a large cheese cost?',
  KK: 'A train is loaded with slate. Austol unloads 150 kg at the first stop. It goes on with 11.5 t of slate. How much slate was on the train?',
  LL: 'Tressa counts the ducks in summer. In winter there are 8 times as many ducks. In winter Tressa counts 576 ducks. How many ducks does Tressa count in summer?',
  MM: 'Loveday is reading a book. Loveday reads two dozen pages a day. Loveday reads it in 24 days. How many pages does the book have?'
};

checkExaminer(
  'word-problem',
  inFull(
    problems,
    `
AA | =145 | 1 1
AA | =145 lanterns | 1 1
AA | o0=1160 ÷ 8 =145 | 1 1
AA | o0=1160 x 8 r0=9280 =9280 | 0 0 {keyword-followed}
AA | =9280 | 0 0 {keyword-followed}
AA | o0=1160 ÷ 8 =155 | 1 0
AA | o0=1160 - 8 r0=1152 =1152 | 0 0
AA | =1168 | 0 0 {all-numbers-added}
BB | =1.6 mm | 1 1 1
BB | =1.6 | 1 1 0
BB | =0.16 cm | 1 1 1
BB | o0=20.8 ÷ 13 r0=1.6 =1.6 mm | 1 1 1
BB | o0=20.8 x 13 r0=270.4 =270.4 mm | 0 0 1
BB | o0=13 ÷ 20.8 r0=0.625 =0.625 mm | 0 0 1 {reversed-operands}
BB | =33.8 mm | 0 0 1 {all-numbers-added}
BB | o0=20.8 ÷ 13 =16 mm | 1 0 1
BB | o0=20.8 ÷ 13 =1.6 hours | 1 1 0
CC | =14 | 1 1
CC | o0=653 ÷ 48 r0=13 r 29 =14 carriages | 1 1
CC | o0=653 ÷ 48 r0=13 r 29 =13 | 1 0 {remainder-not-used}
CC | =13 | 0 0 {remainder-not-used}
CC | =29 | 0 0 {remainder-as-answer}
CC | o0=653 ÷ 48 r0=13 r 29 =29 | 1 0 {remainder-as-answer}
CC | o0=653 x 48 r0=31344 =31344 | 0 0
CC | o0=653 - 48 r0=605 =605 | 0 0
CC | o0=653 ÷ 48 r0=12 r 77 =13 | 1 0 | more is left than a carriage takes
DD | =3 | 1 1 1
DD | =3 days | 1 1 1
DD | o0=528 - 372 r0=156 o1=156 ÷ 62 r1=2 r 32 =3 | 1 1 1
DD | o1=(528 - 372) ÷ 62 =3 days | 1 1 1
DD | o0=528 - 372 r0=156 o1=156 ÷ 62 r1=2 r 32 =2 | 1 1 0 {remainder-not-used}
DD | =2 | 0 0 0 {remainder-not-used}
DD | o0=528 - 372 r0=156 =156 | 1 0 0 {stops-after-first-step}
DD | o0=528 - 372 r0=166 o1=166 ÷ 62 r1=2 r 42 =3 | 1 1 1 | the slip changes nothing; the marker is asked
DD | o0=528 + 372 r0=900 o1=900 ÷ 62 r1=14 r 32 =15 | 0 1 0
DD | o0=528 - 372 r0=156 o1=156 - 62 r1=94 =94 | 1 0 0
EE | =6 | 1 1
EE | =6 boats | 1 1
EE | o0=31 ÷ 5 r0=6 r 1 =6 | 1 1
EE | o0=31 ÷ 5 r0=6 r 1 =7 | 1 0 {remainder-rounded-up}
EE | =7 | 0 0 {remainder-rounded-up}
EE | =1 | 0 0 {remainder-as-answer}
EE | o0=31 x 5 r0=155 =155 | 0 0
FF | =594 | 1 1 1
FF | o0=12 x 54 r0=648 o1=648 - 54 r1=594 =594 plants | 1 1 1
FF | o1=12 x 54 - 54 =594 | 1 1 1
FF | o1=11 x 54 r1=594 =594 | 1 1 1 | one row fewer
FF | o0=12 x 54 r0=648 =648 | 1 0 0 {stops-after-first-step}
FF | =648 | 0 0 0 {stops-after-first-step}
FF | o0=12 x 54 r0=638 o1=638 - 54 r1=584 =584 | 1 1 0
FF | o0=12 x 54 r0=648 o1=648 + 54 r1=702 =702 | 1 0 0
FF | o0=12 + 54 r0=66 o1=66 - 54 r1=12 =12 | 0 1 0
FF | =120 | 0 0 0 {all-numbers-added}
GG | =5 3/4 hours | 1 1 1
GG | =5.75 hours | 1 1 1
GG | =345 minutes | 1 1 1
GG | =5 3/4 | 1 1 0
GG | o0=10 5/6 - 5 1/12 =5 3/4 h | 1 1 1
GG | o0=10 5/6 + 5 1/12 r0=15 11/12 =15 11/12 hours | 0 0 1 {all-numbers-added}
GG | o0=10 5/6 - 5 1/12 =5 4/6 hours | 1 0 1
HH | =£8.90 | 1 1 1
HH | =8.90 | 1 1 0
HH | =8.9 | 1 1 0
HH | =890p | 1 1 1
HH | c0=0.75 o0=9.65 - 0.75 r0=8.90 =£8.90 | 1 1 1
HH | o0=965 - 75 r0=890 =£8.90 | 1 1 1 | worked in pence
HH | o0=9.65 - 75 r0=65.35 =£65.35 | 0 0 1
HH | o0=9.65 + 0.75 r0=10.40 =£10.40 | 0 0 1
HH | o0=9.65 - 0.75 =£9.10 | 1 0 1
HH | c0=7.5 o0=9.65 - 7.50 r0=2.15 =£2.15 | 1 0 1
II | =11 | 1 1
II | o0=487 ÷ 43 r0=11 r 14 =11 coaches | 1 1
II | o0=487 ÷ 43 r0=11 r 14 =12 | 1 0 {remainder-rounded-up}
II | =12 | 0 0 {remainder-rounded-up}
II | =13 | 0 0 | lunches are no pupils: that number is no distractor for theirs
II | o0=564 ÷ 43 r0=13 r 5 =13 | 0 0
II | =14 | 0 0 {remainder-as-answer}
II | =1094 | 0 0 {all-numbers-added}
JJ | =£30.95 | 1 1 1
JJ | o0=17.65 + 13.30 =£30.95 | 1 1 1
JJ | o0=17.65 - 13.30 r0=4.35 =£4.35 | 0 0 1 {keyword-followed}
JJ | =£4.35 | 0 0 1 {keyword-followed}
JJ | =4.35 | 0 0 0 {keyword-followed}
JJ | o0=17.65 + 13.30 =£30.85 | 1 0 1
JJ | o0=17.65 + 13.30 r0=30.95 =30.95 | 1 1 0
JJ | =3095p | 1 1 1
KK | =11.65 t | 1 1 1
KK | =11650 kg | 1 1 1
KK | =11.65 | 1 1 0
KK | =11.65 kg | 1 1 0
KK | c0=0.15 o0=0.15 + 11.5 =11.65 t | 1 1 1
KK | o0=11500 + 150 r0=11650 =11650 kg | 1 1 1
KK | o0=150 + 11.5 r0=161.5 =161.5 t | 0 0 1 {not-converted}
KK | =161.5 t | 0 0 1 {not-converted}
KK | c0=1.5 o0=1.5 + 11.5 r0=13 =13 t | 1 0 1
KK | o0=11.5 - 0.15 r0=11.35 =11.35 t | 0 0 1
LL | =72 | 1 1
LL | =72 ducks | 1 1
LL | o0=576 ÷ 8 =72 | 1 1
LL | o0=576 x 8 r0=4608 =4608 | 0 0 {keyword-followed}
LL | =4608 | 0 0 {keyword-followed}
LL | o0=576 ÷ 8 =62 | 1 0
LL | o0=576 - 8 r0=568 =568 | 0 0
MM | =576 | 1 1
MM | =576 pages | 1 1
MM | o0=24 x 24 =576 | 1 1
MM | o0=12 x 24 r0=288 =288 | 1 0 | two dozen taken for one
MM | o0=24 + 24 r0=48 =48 | 0 0 {all-numbers-added}
MM | =48 | 0 0 {all-numbers-added}
MM | o0=24 x 24 =476 | 1 0
`
  )
);
