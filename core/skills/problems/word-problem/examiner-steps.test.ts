import { checkExaminer } from '../../../catalogue/examiner.test-helper';
import { inFull } from './scripts.test-helper';

/** Problems of one and of two steps in which slips and other ways round are carried on. */
const problems: Readonly<Record<string, string>> = {
  QA: 'Strawberries cost £2.60 a kilogram. Cuthbert sells 4.4 kg. How much money does Cuthbert receive?',
  QB: 'Ivo packs 21 crates. All crates hold the same number. There are 693 lanterns to pack. How many lanterns are in a crate?',
  QC: 'The bakery has 31.5 kg of flour. Bram uses 24 kg of it for rolls. The rest goes into bags of the same size. This fills 20 bags. How much does a bag hold?',
  QD: '140 pupils of year seven go on the trip. 30 pupils of year eight go as well. A coach takes 48 pupils. How many coaches must Massen order?',
  QE: 'The museum counts its visitors in April and in May. In April 227 fewer visitors come than in May. In May 661 visitors come. How many visitors come in April?'
};

checkExaminer(
  'word-problem',
  inFull(
    problems,
    `
QA | =£11.44 | 1 1 1
QA | =11.44 | 1 1 0
QA | o0=4.4 x 2.60 r0=11.44 =£11.44 | 1 1 1
QA | o0=2.60 x 4.4 =£114.40 | 1 0 1
QA | o0=2.60 + 4.4 r0=7 =£7 | 0 0 1 {all-numbers-added}
QA | =£7 | 0 0 1 {all-numbers-added}
QA | o0=4.4 - 2.60 r0=1.8 =£1.80 | 0 0 1
QA | =£11 44p | 1 1 1
QA | o0=2.60 x 4 + 2.60 x 0.4 =£11.44 | 1 1 1 | in two parts
QA | o0=4.4 x 2.06 r0=9.064 =£9.06 | 1 0 1 | miscopied
QB | =33 | 1 1
QB | o0=693 ÷ 21 =33 lanterns | 1 1
QB | o0=693 ÷ 21 r0=33 =33 | 1 1
QB | o0=693 ÷ 21 =32 | 1 0
QB | o0=693 x 21 r0=14553 =14553 | 0 0
QB | o0=693 - 21 r0=672 =672 | 0 0
QB | =714 | 0 0 {all-numbers-added}
QB | =672 | 0 0
QB | o0=639 ÷ 21 =30 | 1 0 | miscopied
QC | =0.375 kg | 1 1 1 1
QC | =375 g | 1 1 1 1
QC | =0.375 | 1 1 1 0
QC | o0=31.5 - 24 r0=7.5 o1=7.5 ÷ 20 r1=0.375 =375 g | 1 1 1 1
QC | o0=31.5 - 24 r0=7.5 =7.5 kg | 1 0 0 1 {stops-after-first-step}
QC | o0=31.5 - 24 r0=8.5 o1=8.5 ÷ 20 r1=0.425 =0.425 kg | 1 1 0 1
QC | o0=31.5 + 24 r0=55.5 o1=55.5 ÷ 20 r1=2.775 =2.775 kg | 0 1 0 1
QC | o0=31.5 - 24 r0=7.5 o1=7.5 x 20 r1=150 =150 kg | 1 0 0 1
QC | o1=(31.5 - 24) ÷ 20 =0.375 kg | 1 1 1 1
QC | o0=31.5 - 24 r0=7.5 o1=20 ÷ 7.5 r1=2.67 =2.67 kg | 1 0 0 1
QC | =75.5 kg | 0 0 0 1 {all-numbers-added}
QD | =4 | 1 1 1
QD | o0=140 + 30 r0=170 o1=170 ÷ 48 r1=3 r 26 =4 coaches | 1 1 1
QD | o0=140 + 30 r0=170 o1=170 ÷ 48 r1=3 r 26 =3 | 1 1 0 {remainder-not-used}
QD | =3 | 0 0 0 {remainder-not-used}
QD | =26 | 0 0 0 {remainder-as-answer}
QD | o1=(140 + 30) ÷ 48 =4 | 1 1 1
QD | o0=140 - 30 r0=110 o1=110 ÷ 48 r1=2 r 14 =3 | 0 1 0
QD | o0=140 + 30 r0=170 =170 | 1 0 0 {stops-after-first-step}
QD | o0=140 + 30 r0=180 o1=180 ÷ 48 r1=3 r 36 =4 | 1 1 1 | the slip changes nothing; the marker is asked
QD | =218 | 0 0 0 {all-numbers-added}
QE | =434 | 1 1
QE | =434 visitors | 1 1
QE | o0=661 - 227 r0=434 =434 | 1 1
QE | o0=661 + 227 r0=888 =888 | 0 0 {all-numbers-added}
QE | =888 | 0 0 {all-numbers-added}
QE | o0=661 - 227 =446 | 1 0 {column-subtraction/smaller-from-larger}
QE | =446 | 0 0 {column-subtraction/smaller-from-larger}
QE | o0=661 - 227 =444 | 1 0
QE | o0=616 - 227 r0=389 =389 | 1 0
QE | o0=661 x 227 | 0 0
`
  )
);
