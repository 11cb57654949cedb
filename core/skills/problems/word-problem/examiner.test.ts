import { checkExaminer } from '../../../catalogue/examiner.test-helper';
import { inFull } from './scripts.test-helper';

/** The problems of the scripts, by a letter. */
const problems: Readonly<Record<string, string>> = {
  F: 'The bakery has 37.5 kg of flour. Orla uses 250 g of it for rolls. How much flour is left?',
  B: '50 children want to go on the pond. A boat takes 12 children. How many boats are needed?',
  C: 'Orla counts the loaves of a week. Bram bakes 192 fewer loaves than Orla. Bram bakes 213 loaves in the same week. How many loaves does Orla bake?',
  H: 'A trumpet costs £139.35. A horn costs £300.50 more than the trumpet. A tuba costs £70.95 more than the horn. How much do the three cost altogether?',
  R: 'Elowen bakes 21 trays of rolls. There are 36 rolls on a tray. The bakery sells 276 rolls. How many rolls are left?',
  P: '57 pupils of year seven go on the trip. 51 pupils of year eight go as well. A coach takes 33 pupils. How many coaches must Ruan order?',
  S: 'Strawberries cost £3.80 a kilogram. Isolde sells 5.2 kg. How much money does Isolde receive?',
  G: 'Strawberries cost £3.80 a kilogram. Isolde sells 650 g. How much money does Isolde receive?',
  D: 'The oven holds 18 trays. Tamsin fills 24 trays with rolls. A tray holds 28 rolls. How many rolls are there?',
  L: 'Jory puts rolls on trays. A tray holds 46 rolls. There are 852 rolls. When as many trays as possible are full, how many rolls are over?',
  E: 'Jenifer puts eggs into boxes. A box takes 18 eggs. There are 735 eggs. How many boxes are full, and how many eggs are over?',
  A: 'In the morning 568 visitors come. In the afternoon 878 visitors come. How many visitors come that day in all?',
  K: 'At dawn the snow is 17 cm deep. More snow falls during the day. At dusk it is 50.75 cm deep. How much snow falls during the day?',
  N: 'The near tor is 150 m high. The far tor is 798 m high. How many metres lower is the near tor than the far tor?',
  Q: 'Tamblyn sells 68 postcards. Keren sells 136 postcards. How many times as many postcards as Tamblyn does Keren sell?',
  T: 'Rowan walks 4.4 km in an hour. Rowan walks for 4.5 hours. How far does Rowan walk?',
  U: 'The train goes 30 km an hour. It travels for 90 minutes. How far does it go?',
  V: 'The bakery has 48 kg of flour. Orla uses 16.5 kg of it for rolls. The rest goes into bags of the same size. This fills 14 bags. How much does a bag hold?',
  W: 'Jenifer has £130. Jenifer buys 6 jars of jam. A jar costs £3.75. Jenifer also buys bread for £30.70. How much money does Jenifer still have?',
  X: 'The library has 803 books. It gives 413 books to the school. How many books does it have afterwards?',
  Y: 'Alwyn sells 228 badges. Beryan sells 156 more badges than Alwyn. How many badges do they sell altogether?',
  Z: 'In the morning Kensa hires out 12 boats. In the afternoon Kensa hires out 15 boats. A boat costs £6.40. How much does Kensa take in all?',
  M: 'Maud has 5 m of ribbon. Maud cuts off 1 1/2 m for handles. How long is the other piece?'
};

checkExaminer(
  'word-problem',
  inFull(
    problems,
    `
F | =37.25 kg | 1 1 1
F | =37.25 | 1 1 0 | the unit is missing
F | =37250 g | 1 1 1 | another unit of the same kind
F | =37.25 g | 1 1 0 | the wrong unit
F | o0=37.5 - 0.25 =37.25 kg | 1 1 1
F | c0=0.25 o0=37.5 - 0.25 r0=37.25 =37.25 kg | 1 1 1
F | o0=37.5 - 250 ÷ 1000 =37.25 kg | 1 1 1
F | o0=37500 - 250 r0=37250 =37250 g | 1 1 1 | worked in grams
F | o0=37500 - 250 r0=37250 =37.25 kg | 1 1 1
F | o0=250 - 37.5 r0=212.5 =212.5 kg | 0 0 1
F | o0=37.5 + 0.25 =37.75 kg | 0 0 1
F | o0=37.5 - 0.25 =37.35 kg | 1 0 1 | a slip
F | o0=37.5 - 0.025 =37.475 kg | 1 0 1 | wrongly converted
F | c0=2.5 o0=37.5 - 2.5 r0=35 =35 kg | 1 0 1
F | r0=37.25 =37.25 | 1 1 0
F | o0=37.5 - 0.25 | 1 0 0
B | =5 | 1 1
B | =5 boats | 1 1
B | o0=50 ÷ 12 r0=4 r 2 =5 | 1 1
B | o0=50 ÷ 12 r0=4 r 2 =4 | 1 0 {remainder-not-used}
B | =4 | 0 0 {remainder-not-used}
B | =2 | 0 0 {remainder-as-answer}
B | o0=50 ÷ 12 =2 boats | 1 0 {remainder-as-answer}
B | o0=50 x 12 r0=600 =600 | 0 0
B | o0=50 - 12 r0=38 =38 | 0 0
B | o0=50 ÷ 12 r0=4 r 3 =5 | 1 1 | the slip in what is left changes nothing; the marker is asked
B | o0=50 : 12 =6 | 1 0
C | =405 | 1 1
C | o0=192 + 213 r0=405 =405 loaves | 1 1
C | o0=213 + 192 =405 | 1 1
C | o0=213 - 192 r0=21 =21 | 0 0 {keyword-followed}
C | =21 loaves | 0 0 {keyword-followed}
C | o0=213 + 192 =305 | 1 0 {column-addition/carry-dropped}
C | o0=213 + 192 =415 | 1 0
C | o0=213 + 129 r0=342 =342 | 1 0 | miscopied
C | r0=405 =450 | 1 0
C | o0=192 x 213 =40896 | 0 0
C | o0=213 + 192 | 1 0
H | =£1090 | 1 1 1 1 1
H | =1090 | 1 1 1 1 0
H | o0=139.35 + 300.50 r0=439.85 o1=439.85 + 70.95 r1=510.80 o2=139.35 + 439.85 + 510.80 r2=1090 =£1090 | 1 1 1 1 1
H | o2=139.35 + 439.85 + 510.80 =£1090 | 1 1 1 1 1
H | o2=139.35 x 3 + 300.50 x 2 + 70.95 =£1090 | 1 1 1 1 1 | in one line
H | o2=139.35 + (139.35 + 300.50) + (139.35 + 300.50 + 70.95) =£1090 | 1 1 1 1 1
H | o0=139.35 + 300.50 r0=439.85 =£439.85 | 1 0 0 0 1 {stops-after-first-step}
H | =£439.85 | 0 0 0 0 1 {stops-after-first-step}
H | o0=139.35 + 300.50 r0=439.85 o1=439.85 + 70.95 r1=510.80 =£510.80 | 1 1 0 0 1
H | =£510.80 | 0 0 0 0 1 {all-numbers-added}
H | o0=139.35 + 300.50 r0=439.85 o1=139.35 + 70.95 r1=210.30 o2=139.35 + 439.85 + 210.30 r2=789.50 =£789.50 | 1 0 1 0 1 | the tuba is not compared with the trumpet
H | o0=139.35 + 300.50 r0=429.85 o1=429.85 + 70.95 r1=500.80 o2=139.35 + 429.85 + 500.80 r2=1070 =£1070 | 1 1 1 0 1 | a slip, carried
H | o0=300.50 - 139.35 r0=161.15 o1=161.15 + 70.95 r1=232.10 o2=139.35 + 161.15 + 232.10 r2=532.60 =£532.60 | 0 1 1 0 1
H | o0=139.35 + 300.50 r0=439.85 o1=439.85 + 70.95 r1=510.80 o2=439.85 + 510.80 r2=950.65 =£950.65 | 1 1 0 0 1 | one of three forgotten
R | =480 | 1 1 1
R | o0=21 x 36 r0=756 o1=756 - 276 r1=480 =480 rolls | 1 1 1
R | o1=21 x 36 - 276 =480 | 1 1 1
R | o0=36 x 21 r0=756 =756 | 1 0 0 {stops-after-first-step}
R | o0=21 x 36 r0=656 o1=656 - 276 r1=380 =380 | 1 1 0
R | o0=21 x 36 r0=756 o1=756 + 276 r1=1032 =1032 | 1 0 0
R | o0=21 x 36 r0=756 o1=756 - 276 r1=520 =520 | 1 1 0 {column-subtraction/smaller-from-larger}
R | =520 | 0 0 0 {column-subtraction/smaller-from-larger}
R | o0=21 + 36 r0=57 =57 | 0 0 0
R | =333 | 0 0 0 {all-numbers-added}
P | o0=57 + 51 r0=108 o1=108 ÷ 33 r1=3 r 9 =4 | 1 1 1
P | =4 coaches | 1 1 1
P | o0=57 + 51 r0=108 o1=108 ÷ 33 r1=3 r 9 =3 | 1 1 0 {remainder-not-used}
P | =3 | 0 0 0 {remainder-not-used}
P | =9 | 0 0 0 {remainder-as-answer}
P | o1=(57 + 51) ÷ 33 =4 | 1 1 1
P | o0=57 + 51 r0=118 o1=118 ÷ 33 r1=3 r 19 =4 | 1 1 1 | the slip changes nothing; the marker is asked
P | o0=57 + 51 =108 | 1 0 0 {stops-after-first-step}
P | o0=57 - 51 r0=6 =6 | 0 0 0
S | =£19.76 | 1 1 1
S | =19.76 | 1 1 0
S | =1976p | 1 1 1
S | o0=5.2 x 3.80 =£19.76 | 1 1 1
S | o0=3.80 x 5.2 =£197.60 | 1 0 1
S | o0=3.80 + 5.2 =£9 | 0 0 1 {all-numbers-added}
S | =£9 | 0 0 1 {all-numbers-added}
S | o0=5.2 ÷ 3.80 =£1.37 | 0 0 1
S | o0=5.2 x 3.80 =19.76 kg | 1 1 0
G | =£2.47 | 1 1 1
G | =£2470 | 0 0 1 {not-converted}
G | o0=650 x 3.80 =£2470 | 0 0 1 {not-converted}
G | c0=0.65 o0=0.65 x 3.80 r0=2.47 =£2.47 | 1 1 1
G | o0=3.80 x 650 ÷ 1000 =£2.47 | 1 1 1
G | c0=6.5 o0=6.5 x 3.80 r0=24.7 =£24.70 | 1 0 1
G | =247p | 1 1 1
D | =672 | 1 1
D | =504 | 0 0 {distractor-used}
D | o0=18 x 28 r0=504 =504 | 0 0 {distractor-used}
D | =70 | 0 0 {all-numbers-added}
D | o0=24 x 28 r0=672 =672 rolls | 1 1
D | o0=28 x 24 r0=572 =572 | 1 0
D | o0=24 + 28 r0=52 =52 | 0 0
L | =24 | 1 1
L | o0=852 ÷ 46 r0=18 r 24 =24 rolls | 1 1
L | o0=852 ÷ 46 r0=18 r 24 =18 | 1 0
L | o0=852 ÷ 46 =14 | 1 0
L | o0=852 x 46 =39192 | 0 0
E | =40 boxes and 15 left | 1 1
E | =40 r 15 | 1 1
E | =40 | 0 0 | what is over is asked too
E | o0=735 ÷ 18 r0=40 r 15 =40 boxes | 1 0
E | o0=735 ÷ 18 =41 | 1 0
M | =3 1/2 m | 1 1 1
M | =3.5 m | 1 1 1
M | =3 1/2 | 1 1 0
M | o0=5 - 1 1/2 =3 1/2 m | 1 1 1
M | o0=5 + 1 1/2 =6 1/2 m | 0 0 1
M | o0=5 - 1 1/2 =4 1/2 m | 1 0 1
M | =350 cm | 1 1 1
A | =1446 | 1 1
A | =1446 visitors | 1 1
A | o0=568 + 878 r0=1446 =1446 | 1 1
A | o0=878 + 568 =1446 | 1 1
A | o0=568 + 878 =1336 | 1 0 {column-addition/carry-dropped}
A | o0=568 + 878 =1456 | 1 0 | a slip
A | o0=878 - 568 r0=310 =310 | 0 0
A | =310 | 0 0
A | o0=568 + 878 r0=1446 =1464 | 1 0 | copied wrongly
A | o0=586 + 878 r0=1464 =1464 | 1 0 | miscopied at the start
A | o0=568 x 878 | 0 0
A | o0=568 + 878 | 1 0
K | =33.75 cm | 1 1 1
K | =33.75 | 1 1 0
K | =337.5 mm | 1 1 1
K | =33.75 m | 1 1 0
K | =0.3375 m | 1 1 1
K | o0=50.75 - 17 =33.75 cm | 1 1 1
K | o0=17 + 50.75 r0=67.75 =67.75 cm | 0 0 1 {all-numbers-added} | *more* without *than* tells nothing
K | =67.75 cm | 0 0 1 {all-numbers-added}
K | o0=50.75 - 17 =43.75 cm | 1 0 1
K | o0=50.75 - 17 =33.75 | 1 1 0
K | o0=50.57 - 17 r0=33.57 =33.57 cm | 1 0 1 | miscopied
K | o0=50.75 ÷ 17 =3 cm | 0 0 1
N | =648 | 1 1
N | =648 m | 1 1
N | =648 cm | 1 0 | metres are asked
N | o0=798 - 150 r0=648 =648 | 1 1
N | o0=798 + 150 r0=948 =948 | 0 0
N | o0=798 - 150 =638 | 1 0
N | =948 | 0 0
Q | =2 | 1 1
Q | =2 times | 1 1
Q | o0=136 ÷ 68 =2 | 1 1
Q | o0=136 - 68 r0=68 =68 | 0 0
Q | o0=136 x 68 =9248 | 0 0
Q | o0=136 ÷ 68 =3 | 1 0
T | =19.8 km | 1 1 1
T | =19.8 | 1 1 0
T | =19800 m | 1 1 1
T | o0=4.4 x 4.5 =19.8 km | 1 1 1
T | o0=4.4 + 4.5 =8.9 km | 0 0 1 {all-numbers-added}
T | =8.9 km | 0 0 1 {all-numbers-added}
T | o0=4.4 x 4.5 =198 km | 1 0 1
T | o0=4.4 x 4.5 =18.8 km | 1 0 1
T | o0=4.5 x 4.4 r0=19.8 =19.8 hours | 1 1 0
T | o0=4.5 - 4.4 =0.1 km | 0 0 1
U | =45 km | 1 1 1
U | =45 | 1 1 0
U | c0=1.5 o0=30 x 1.5 r0=45 =45 km | 1 1 1
U | =2700 km | 0 0 1 {not-converted}
U | o0=30 x 90 r0=2700 =2700 km | 0 0 1 {not-converted}
U | o0=30 x 90 ÷ 60 =45 km | 1 1 1
U | c0=1.3 o0=30 x 1.3 r0=39 =39 km | 1 0 1 | 90 minutes taken for 1.3 hours
U | c0=1.5 o0=30 x 1.5 =44 km | 1 0 1
V | =2.25 kg | 1 1 1 1
V | =2.25 | 1 1 1 0
V | =2250 g | 1 1 1 1
V | o0=48 - 16.5 r0=31.5 o1=31.5 ÷ 14 r1=2.25 =2.25 kg | 1 1 1 1
V | o1=(48 - 16.5) ÷ 14 =2.25 kg | 1 1 1 1
V | o0=48 - 16.5 r0=31.5 =31.5 kg | 1 0 0 1 {stops-after-first-step}
V | =31.5 kg | 0 0 0 1 {stops-after-first-step}
V | o0=48 - 16.5 r0=32.5 o1=32.5 ÷ 14 =2.32 kg | 1 1 0 1 | a slip, and the quotient does not end
V | o0=48 + 16.5 r0=64.5 =64.5 kg | 0 0 0 1
V | o0=48 - 16.5 r0=31.5 o1=31.5 x 14 r1=441 =441 kg | 1 0 0 1
V | =78.5 kg | 0 0 0 1 {all-numbers-added}
W | =£76.80 | 1 1 1 1 1
W | =76.80 | 1 1 1 1 0
W | =76.8 | 1 1 1 1 0
W | o0=6 x 3.75 r0=22.5 o1=22.50 + 30.70 r1=53.2 o2=130 - 53.20 r2=76.8 =£76.80 | 1 1 1 1 1
W | o2=130 - (6 x 3.75 + 30.70) =£76.80 | 1 1 1 1 1
W | o2=130 - 6 x 3.75 - 30.70 =£76.80 | 1 1 1 1 1
W | o0=6 x 3.75 r0=22.5 o1=130 - 22.50 r1=107.5 o2=107.50 - 30.70 r2=76.8 =£76.80 | 1 1 1 1 1 | paid one after the other
W | o0=6 x 3.75 r0=22.5 =£22.50 | 1 0 0 0 1 {stops-after-first-step}
W | o0=6 x 3.75 r0=22.5 o1=22.50 + 30.70 r1=53.2 =£53.20 | 1 1 0 0 1
W | o0=6 x 3.75 r0=21.5 o1=21.50 + 30.70 r1=52.2 o2=130 - 52.20 r2=77.8 =£77.80 | 1 1 1 0 1
W | o0=6 + 3.75 r0=9.75 o1=9.75 + 30.70 r1=40.45 o2=130 - 40.45 r2=89.55 =£89.55 | 0 1 1 0 1
X | =390 | 1 1
X | =390 books | 1 1
X | o0=803 - 413 r0=390 =390 | 1 1
X | o0=803 - 413 =410 | 1 0 {column-subtraction/smaller-from-larger}
X | =410 | 0 0 {column-subtraction/smaller-from-larger}
X | o0=803 + 413 r0=1216 =1216 | 0 0
X | =1216 | 0 0 {all-numbers-added}
X | o0=803 - 413 =380 | 1 0
X | o0=830 - 413 r0=417 =417 | 1 0
Y | =612 | 1 1 1
Y | o0=228 + 156 r0=384 o1=228 + 384 r1=612 =612 | 1 1 1
Y | o1=228 x 2 + 156 =612 badges | 1 1 1
Y | o0=228 + 156 r0=384 =384 | 1 0 0
Y | =384 | 0 0 0
Y | o0=228 - 156 r0=72 o1=228 + 72 r1=300 =300 | 0 1 0
Y | o0=228 + 156 r0=374 o1=228 + 374 r1=602 =602 | 1 1 0
Y | o0=228 + 156 r0=384 o1=384 - 228 r1=156 =156 | 1 0 0
Z | =£172.80 | 1 1 1 1
Z | =172.8 | 1 1 1 0
Z | o0=12 + 15 r0=27 o1=27 x 6.40 r1=172.8 =£172.80 | 1 1 1 1
Z | o1=12 x 6.40 + 15 x 6.40 =£172.80 | 1 1 1 1
Z | o0=12 x 6.40 r0=76.8 o1=76.80 + 15 x 6.40 r1=172.8 =£172.80 | 1 1 1 1 | multiplied first
Z | o0=12 + 15 r0=27 =£27 | 1 0 0 1 {stops-after-first-step}
Z | o0=12 + 15 r0=27 o1=27 + 6.40 r1=33.4 =£33.40 | 1 0 0 1 {keyword-followed} | *in all*
Z | =£33.40 | 0 0 0 1 {all-numbers-added}
Z | o0=12 + 15 r0=28 o1=28 x 6.40 r1=179.2 =£179.20 | 1 1 0 1
Z | o0=12 x 15 r0=180 o1=180 x 6.40 r1=1152 =£1152 | 0 1 0 1
`
  )
);
