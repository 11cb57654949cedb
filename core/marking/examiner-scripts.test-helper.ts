/**
 * Scripts with the marks an experienced examiner gives, worked by hand from the scheme. A line is an item, what
 * was written, the marks line by line, and the reason where it is not plain. Short forms of what was written:
 *
 *   d:852   figures of the answer's row, the last in the ones; _ is a blank square
 *   c:11    carries, the last enters the tens
 *   w:3,9,13   what stands above a subtraction, the last over the ones
 *   r0:282 r1:1410 s:1692   rows and sum of a long multiplication; k0:4   carries of a row
 *   k:3214  ranks          =852   the final answer
 */
export const scripts: Readonly<Record<string, string>> = {
  'column-addition': `
487 + 365 | d:852 c:11 =852 | 1 1
487 + 365 | =852 | 1 1
487 + 365 | d:852 | 1 1 | the squares read across are the answer
487 + 365 | d:852 =852 | 1 1 | carried in the head
487 + 365 | d:852 =825 | 1 0 | copied wrong below complete squares
487 + 365 | d:852 =85Z | 1 1 | the squares say what cannot be read below them
487 + 365 | =742 | 0 0
487 + 365 | d:742 =742 | 0 0 | a carry dropped every time is no method
487 + 365 | d:742 | 0 0
487 + 365 | d:862 c:11 =862 | 1 0 | one slip
487 + 365 | d:863 c:11 =863 | 0 0 | two slips
487 + 365 | d:853 c:11 =853 | 1 0
487 + 365 | d:752 c:_1 =752 | 1 0 | one carry left out, the other used
487 + 365 | d:842 c:11 =842 | 1 0 | 8 + 6 + 1 taken for 14
487 + 365 | d:952 c:21 =952 | 1 0 | 15 taken for 25: one wrong total, followed
487 + 365 | d:852 c:12 =852 | 1 1 | a carry written wrong that nobody used
487 + 365 | d:8?2 c:11 =852 | 1 1 | an unreadable square costs nothing by itself
487 + 365 | d:8?2 c:11 | 0 0 | as if it were blank: not finished
487 + 365 | d:_52 c:11 | 0 0 | not finished
487 + 365 | d:71412 =71412 | 0 0
487 + 365 | d:743 =743 | 0 0 | carries dropped, and a slip
487 + 365 | d:852 c:11 =528 | 1 0 | copied wrong
487 + 365 | =71412 | 0 0
487 + 365 | =1311 | 0 0
58 + 67 | d:125 c:11 =125 | 1 1
58 + 67 | d:115 =115 | 0 0
58 + 67 | d:116 =116 | 0 0 | the carry dropped, and a slip
58 + 67 | d:25 c:1 =25 | 0 0
58 + 67 | d:135 c:11 =135 | 1 0 | 12 taken for 13
96 + 7 | d:103 =103 | 1 1
96 + 7 | d:93 =93 | 0 0
96 + 7 | =913 | 0 0
47 + 38 | d:75 =85 | 1 1 | right over wrong working: proposed as earned, for the marker to see
47 + 38 | d:64 =85 | 0 1 | two wrong squares show no method, whatever the answer says
189 + 276 + 358 | d:823 c:22 =823 | 1 1
189 + 276 + 358 | d:813 c:21 =813 | 1 0 | carried 1 for 2, followed
189 + 276 + 358 | d:713 c:11 =713 | 0 0 | both carries wrong
3205 + 478 | =3,683 | 1 1
3205 + 478 | =3683.0 | 1 1
3205 + 478 | d:3693 c:_1 =3693 | 1 0
487 + 36 | =847 | 0 0
487 + 36 | d:523 c:11 =532 | 1 0`,
  'column-subtraction': `
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
403 - 127 | w:3,9,13 d:2?6 =276 | 1 1
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
equal-additions: 403 - 127 | =376 | 0 0 | a pattern of the other school`,
  'short-multiplication': `
47 x 6 | d:282 c:4 =282 | 1 1
47 x 6 | d:282 | 1 1
47 x 6 | =282 | 1 1
47 x 6 | =242 | 0 0
47 x 6 | d:242 =242 | 0 0
47 x 6 | d:243 =243 | 0 0 | the carry dropped, and a slip
47 x 6 | d:2442 =2442 | 0 0
47 x 6 | d:482 c:4 =482 | 0 0
47 x 6 | d:276 c:3 =276 | 1 0 | 6 x 7 taken for 36
47 x 6 | d:278 c:3 =278 | 1 0 | 6 x 7 taken for 38
47 x 6 | d:272 c:4 =272 | 1 0 | 24 + 4 taken for 27
47 x 6 | d:272 c:3 =272 | 1 0 | carried 3 for 4, followed
47 x 6 | d:273 c:4 =273 | 0 0 | two slips
47 x 6 | d:282 c:4 =228 | 1 0
47 x 6 | d:282 c:5 =282 | 1 1 | the carry written wrong, the right one used
47 x 6 | d:2?2 c:4 =282 | 1 1
47 x 6 | =264 | 0 0
47 x 6 | =82 | 0 0
406 x 3 | d:1218 c:1 =1218 | 1 1
406 x 3 | d:1248 =1248 | 0 0 | 0 x 3 taken for 3, as a rule
406 x 3 | d:418 c:1 =418 | 0 0
406 x 3 | d:1228 c:1 =1228 | 1 0
58 x 4 | d:228 c:2 =228 | 1 0 | 8 x 4 taken for 28
58 x 4 | d:228 =228 | 1 0
58 x 4 | =228 | 0 0
706 x 8 | d:5648 c:4 =5,648 | 1 1
706 x 8 | d:4948 c:4 =4948 | 1 0 | 7 x 8 taken for 49`,
  'long-multiplication': `
47 x 36 | r0:282 r1:1410 s:1692 =1692 | 1 1 1 1
47 x 36 | =1692 | 1 1 1 1
47 x 36 | r0:282 r1:1410 =1692 | 1 1 1 1 | added in the head
47 x 36 | r0:282 r1:1410 s:1692 =1629 | 1 1 1 0
47 x 36 | r0:282 r1:1410 s:1682 =1682 | 1 1 1 0 | one slip in the addition
47 x 36 | r0:282 r1:1410 s:1581 =1581 | 1 1 0 0 | two slips in the addition
47 x 36 | r0:292 r1:1410 s:1702 =1702 | 1 1 1 0
47 x 36 | r0:282 r1:1420 s:1702 =1702 | 1 1 1 0
47 x 36 | r0:292 r1:1420 s:1712 =1712 | 1 1 1 0 | one slip in each row
47 x 36 | r0:393 r1:1410 s:1803 =1803 | 0 1 1 0 | three wrong in one row
47 x 36 | r0:282 r1:141 s:423 =423 | 1 0 1 0 | no placeholder; the addition is right
47 x 36 | r0:282 r1:141 s:433 =433 | 1 0 1 0 | no placeholder, and one slip in the addition
47 x 36 | r0:28? r1:1410 s:1692 =1692 | 1 1 1 1
47 x 36 | =423 | 0 0 0 0
47 x 36 | =1452 | 0 0 0 0
47 x 36 | r0:242 r1:1210 s:1452 =1452 | 0 0 1 0 | carries dropped in both rows
47 x 36 | r0:282 =282 | 1 0 0 0 | the first row only
47 x 36 | r0:282 r1:1410 =1410 | 1 1 0 0 | not added
47 x 36 | r0:282 r1:1410 | 1 1 0 0
47 x 36 | r0:282 r1:141x =1692 | 1 1 1 1 | a cross holds the place
47 x 36 | row.0.digit.0=0 row.0.digit.1=1 row.0.digit.2=14 r1:282 =1692 | 1 1 1 1 | the tens first
47 x 36 | r0:482 r1:1810 s:2292 =2292 | 0 0 1 0
58 x 34 | r0:228 k0:2 r1:1740 s:1968 =1968 | 1 1 1 0 | 8 x 4 taken for 28
58 x 34 | r0:228 r1:1740 s:1968 | 1 1 1 0
58 x 34 | r0:232 r1:1540 s:1772 =1772 | 1 1 1 0 | 5 x 3 + 2 taken for 15
58 x 34 | r0:232 k0:3 r1:1740 s:1972 =1972 | 1 1 1 1
23 x 12 | r0:46 r1:230 s:276 =267 | 1 1 1 0 | copied wrong
23 x 12 | r0:46 r1:230 s:276 | 1 1 1 1
23 x 14 | =92 | 0 0 0 0
40 x 12 | r0:80 r1:400 s:480 =480 | 1 1 1 1
97 x 98 | =10006 | 0 0 0 0 | old carries added again
46 x 23 | r0:138 r1:920 s:1058 =1058 | 1 1 1 1
46 x 23 | r0:138 r1:92 s:230 =230 | 1 0 1 0`,
  'order-decimals': `
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.45, 0.5, 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =.406, .45, .5, .61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.450, 0.500, 0.610 | 1 1 | padded is no fault
0.5, 0.45, 0.406, 0.61 ascending | =0.406 < 0.45 < 0.5 < 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.406 0.45 0.5 and 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.45, 0.406, 0.5, 0.61 | 1 0 | one out of place
0.5, 0.45, 0.406, 0.61 ascending | =0.5, 0.45, 0.61, 0.406 | 0 0
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.5, 0.61, 0.45 | 1 0
0.5, 0.45, 0.406, 0.61 ascending | =0.61, 0.5, 0.45, 0.406 | 0 0 | the opposite order
0.5, 0.45, 0.406, 0.61 ascending | k:3214 | 1 1 | the ranks say the order
0.5, 0.45, 0.406, 0.61 ascending | k:3214 =0.406, 0.45, 0.5, 0.61 | 1 1
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.45, 0.5 | 1 0 | one left out
0.5, 0.45, 0.406, 0.61 ascending | =0.406, 0.45 | 0 0
0.5, 0.45, 0.406, 0.61 ascending | =??? | 0 0
3.05, 3, 2.7 ascending | =2.7, 3, 3.05 | 1 1
3.05, 3, 2.7 ascending | =2.7, 3.05, 3 | 1 0
3.05, 3, 2.7 ascending | =2.7, 3.0, 3.05 | 1 1
3.05, 3, 2.7 ascending | =3.05, 3, 2.7 | 0 0
3.05, 3, 2.7 descending | =3.05, 3, 2.7 | 1 1
3.05, 3, 2.7 descending | =3.05 > 3 > 2.7 | 1 1
3.05, 3, 2.7 descending | =3.05, 2.7, 3 | 1 0
4.07, 4.6, 4.125, 4.2 ascending | =4.07, 4.125, 4.2, 4.6 | 1 1
4.07, 4.6, 4.125, 4.2 ascending | =4.07, 4.2, 4.6, 4.125 | 1 0 | one out of place, whatever the reason
4.07, 4.6, 4.125, 4.2 ascending | =4.2, 4.6, 4.07, 4.125 | 0 0
4.07, 4.6, 4.125, 4.2 ascending | =4.2, 4.07, 4.6, 4.125 | 0 0 | longer taken for larger, and two exchanged
4.07, 4.6, 4.125, 4.2 ascending | =4,07; 4,125; 4,2; 4,6 | 1 1`,
  'mixed-subtraction': `
6 2/9 - 3 7/9 | rw=5 rn=11 fn=4 wh=2 =2 4/9 | 1 1
6 2/9 - 3 7/9 | =2 4/9 | 1 1
6 2/9 - 3 7/9 | =2 8/18 | 1 0 | not in its simplest form
6 2/9 - 3 7/9 | =3 5/9 | 0 0
6 2/9 - 3 7/9 | fn=5 wh=3 =3 5/9 | 0 0
6 2/9 - 3 7/9 | fn=5 wh=3 =3 6/9 | 0 0 | smaller from larger, and copied wrong
6 2/9 - 3 7/9 | rw=5 rn=1? fn=4 wh=2 =2 4/9 | 1 1
6 2/9 - 3 7/9 | rw=5 rn=11 fn=5 wh=2 =2 4/9 | 1 1 | right over wrong working
6 2/9 - 3 7/9 | rw=5 rn=12 fn=5 wh=2 =2 5/9 | 0 0 | ten pieces to a whole
6 2/9 - 3 7/9 | rw=6 rn=11 fn=4 wh=3 =3 4/9 | 0 0
6 2/9 - 3 7/9 | rw=5 rn=11 fn=3 wh=2 =2 3/9 | 1 0 | one slip
6 2/9 - 3 7/9 | rw=5 rn=11 fn=3 wh=3 =3 3/9 | 0 0 | two slips
6 2/9 - 3 7/9 | rw=5 rn=11 fn=4 wh=2 =4 2/9 | 1 0 | copied wrong
6 2/9 - 3 7/9 | =2+4/9 | 1 1
5 1/2 - 2 1/4 | cd=4 a=2 b=1 fn=1 wh=3 =3 1/4 | 1 1 1
5 1/2 - 2 1/4 | cd=8 a=4 b=2 fn=2 wh=3 =3 1/4 | 1 1 1 | any common denominator
5 1/2 - 2 1/4 | cd=8 a=4 b=2 fn=2 wh=3 =3 2/8 | 1 1 0 | asked for in its simplest form
5 1/2 - 2 1/4 | =3 1/4 | 1 1 1
5 1/2 - 2 1/4 | =3¼ | 1 1 1
5 1/2 - 2 1/4 | =3.25 | 1 1 0 | a decimal is not the form asked for
5 1/2 - 2 1/4 | cd=6 a=3 b=1 fn=2 wh=3 =3 2/6 | 0 1 0 | 6 is no denominator of both
5 1/2 - 2 1/4 | cd=4 a=3 b=1 fn=2 wh=3 =3 2/4 | 1 1 0 | one slip in the numerators
5 1/2 - 2 1/4 | =3 0/2 | 0 0 0
4 5/6 - 1 1/2 | cd=6 a=5 b=3 fn=2 wh=3 sn=1 sd=3 =3 1/3 | 1 1 1 1
4 5/6 - 1 1/2 | cd=6 a=5 b=3 fn=2 wh=3 =3 2/6 | 1 1 1 0 | the value, not its simplest form
4 5/6 - 1 1/2 | =3 2/6 | 1 1 1 0
4 5/6 - 1 1/2 | =3 1/3 | 1 1 1 1
improper: 6 2/9 - 3 7/9 | im=56 is=34 id=22 =2 4/9 | 1 1
improper: 6 2/9 - 3 7/9 | im=56 is=34 id=22 =22/9 | 1 0 | to be a mixed number
improper: 6 2/9 - 3 7/9 | im=56 is=35 id=21 =2 3/9 | 1 0
improper: 6 2/9 - 3 7/9 | im=55 is=35 id=20 =2 2/9 | 0 0
parts: 6 2/9 - 3 7/9 | wh=3 fn=-5 =2 4/9 | 1 1
parts: 6 2/9 - 3 7/9 | wh=3 fn=5 =3 5/9 | 0 0`,
  'near-multiple-subtraction': `
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
532 - 298 | mu=250 di=282 ad=48 =330 | 0 0 | no multiple beside it
532 - 298 | mu=3?0 di=232 ad=2 =234 | 1 1
532 - 302 | mu=300 di=232 ad=2 =230 | 1 1 | the sign left off
532 - 302 | mu=300 di=232 ad=-2 =230 | 1 1
532 - 302 | mu=300 di=232 ad=2 =234 | 1 0
83 - 29 | mu=30 di=53 ad=1 =54 | 1 1
83 - 29 | mu=30 di=53 ad=1 =52 | 1 0
83 - 29 | =66 | 0 0
83 - 29 | mu=30 di=63 ad=1 =64 | 1 0`,
  'square-ending-five': `
65² | ne=7 po=42 =4225 | 1 1
65² | =4225 | 1 1
65² | =4,225 | 1 1
65² | ne=7 =4225 | 1 1
65² | ne=6 po=36 =3625 | 0 0 | the head squared
65² | =3625 | 0 0
65² | =130 | 0 0
65² | ne=7 po=43 =4325 | 1 0 | one slip
65² | ne=7 po=42 =4252 | 1 0
65² | ne=7 po=35 =3525 | 1 0 | 6 x 7 taken for 35
65² | =3525 | 0 0
65² | ne=8 po=48 =4825 | 1 0 | one slip, followed
65² | ne=8 po=47 =4725 | 0 0 | two slips
65² | ne=6 po=35 =3525 | 0 0 | the head squared, and a slip
65² | ne=7 po=43 =4225 | 1 1 | right over wrong working
65² | ne=6 po=35 =4225 | 0 1 | right over two slips
65² | ne=7 po=42 | 1 0
65² | ne=7 po=4? =4225 | 1 1
85² | ne=9 po=72 =7225 | 1 1
85² | ne=9 po=72 =725 | 1 0
85² | =6425 | 0 0
105² | ne=11 po=110 =11025 | 1 1
105² | =11 025 | 1 1
105² | ne=11 po=111 =11125 | 1 0`,
  'factorise-quadratic': `
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
cross-trial: 6x² + 11x + 4 | cp=3 cq=4 cr=2 cs=1 =(3x+4)(2x+1) | 1 1 | in the other order
area-grid: 6x² + 11x + 4 | pa=3,8 =(2x+1)(3x+4) | 1 1
grouping: 6x² + 11x + 4 | pa=3,8 =(2x+1)(3x+4) | 1 1`
};
