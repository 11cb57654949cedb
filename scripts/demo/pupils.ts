import type { SimulatedPupil } from '@zealous-quill/core/marking';

/** Three invented classes of a moorland town of lantern makers. */
export const demoClasses: readonly { name: string; pupils: readonly string[] }[] = [
  {
    name: '7 Amber',
    pupils: [
      'Oona Fell',
      'Bram Wick',
      'Tilda Mossop',
      'Corin Peat',
      'Isla Tarn',
      'Jory Glass',
      'Merrin Holt',
      'Pell Candler',
      'Saskia Rowan',
      'Theo Brackenby',
      'Wren Hollow',
      'Alder Finch',
      'Bettany Lowe',
      'Cass Thornley',
      'Dilys Marsh',
      'Edrick Vane',
      'Fenna Brook',
      'Gethin Ash',
      'Hester Lum',
      'Idris Coombe',
      'Juniper Sedge',
      'Kit Larkin',
      'Lowen Beck',
      'Maud Tinder'
    ]
  },
  {
    name: '7 Copper',
    pupils: [
      'Nia Ember',
      'Orrin Stane',
      'Posy Wethers',
      'Quill Hadley',
      'Rafe Moorcroft',
      'Sorrel Dale',
      'Tamsin Grey',
      'Ulric Penn',
      'Vesper Knoll',
      'Wilf Garrow',
      'Yara Stone',
      'Zennor Pike',
      'Aveline Cross',
      'Blythe Farrow',
      'Ceri Whin',
      'Dorrin Blaze',
      'Elowen Shaw',
      'Fitch Overy',
      'Greta Spark',
      'Hal Turnpike',
      'Ivo Lantry',
      'Jessamy Crag'
    ]
  },
  {
    name: '9 Slate',
    pupils: [
      'Anwen Gorse',
      'Barnaby Leat',
      'Cressida Fallow',
      'Drew Lantern',
      'Effie Tarbet',
      'Finlo Marrack',
      'Gwenna Cope',
      'Harlan Withy',
      'Imogen Flint',
      'Jago Kestle',
      'Keziah Moor',
      'Linnet Dyer',
      'Magnus Weir',
      'Nell Copperby',
      'Osric Bray',
      'Petra Hask'
    ]
  }
];

const careful: SimulatedPupil = { holds: [], slipRate: 0.04, writesMarks: 0.7, leavesOut: 0.01 };
const hasty: SimulatedPupil = { holds: [], slipRate: 0.18, writesMarks: 0.35, leavesOut: 0.05 };

const holding = (pattern: string, degree: number, writesMarks: number): SimulatedPupil => ({
  holds: [{ pattern, degree }],
  slipRate: 0.06,
  writesMarks,
  leavesOut: 0.02
});

/** Habits that return through the register; most pupils have none. */
const habits: readonly SimulatedPupil[] = [
  careful,
  holding('carry-dropped', 0.85, 0.2),
  careful,
  hasty,
  careful,
  holding('lone-digit-dropped', 0.9, 0.8),
  careful,
  holding('total-written-whole', 0.9, 0.1),
  careful,
  careful,
  holding('aligned-left', 0.85, 0.7),
  hasty,
  careful,
  holding('last-carry-dropped', 0.8, 0.9)
];

/** Patterns that the same pupils hold in other skills; those who hold none in column addition hold none there. */
const elsewhere: Readonly<Record<string, readonly string[]>> = {
  'word-problem': ['keyword-followed', 'all-numbers-added', 'stops-after-first-step'],
  'column-subtraction': [
    'smaller-from-larger',
    'stops-at-zero',
    'no-decrement',
    'zero-minus-n-is-n'
  ],
  'long-multiplication': [
    'placeholder-missing',
    'carry-dropped',
    'old-carries-reused',
    'rows-not-added'
  ],
  'short-division': [
    'quotient-zero-omitted',
    'interim-remainder-dropped',
    'quotient-zero-omitted',
    'final-remainder-dropped'
  ],
  'long-division': ['quotient-zero-omitted', 'remainder-too-large', 'remainder-as-decimal'],
  'decimal-subtraction': ['blank-brought-down', 'smaller-from-larger', 'point-splits-number'],
  'decimal-multiplication': ['places-as-in-addition', 'point-dropped', 'carry-dropped'],
  'decimal-division': ['divisor-point-only-moved', 'quotient-zero-omitted', 'stops-at-remainder'],
  'mixed-addition': ['whole-not-carried', 'denominators-added', 'numerators-not-scaled'],
  'order-decimals': ['longer-is-larger', 'shorter-is-larger', 'zeros-ignored'],
  'mixed-subtraction': [
    'numerators-switched',
    'regroup-adds-ten',
    'whole-not-reduced',
    'unlike-denominators-ignored'
  ],
  'choose-way': ['compensated-wrong-way', 'parts-joined', 'taken-twice', 'smaller-from-larger'],
  'near-multiple-addition': ['compensated-wrong-way', 'compensation-forgotten'],
  'bridge-addition': ['taken-twice', 'given-not-taken'],
  'near-doubles': ['difference-forgotten', 'difference-subtracted'],
  'near-multiple-subtraction': ['compensated-wrong-way', 'compensation-forgotten'],
  'factorise-quadratic': ['pair-signs-flipped', 'sum-not-checked', 'content-lost']
};

/** The habits, in a skill, of the pupil at a place in the register. */
export function habitsOf(place: number, skill: string): SimulatedPupil {
  const habit = habits[place % habits.length]!;
  const patterns = elsewhere[skill];
  if (!patterns) return habit;
  const holds = habit.holds.map(({ degree }) => ({
    pattern: patterns[place % patterns.length]!,
    degree
  }));
  return { ...habit, holds };
}
