import type { Advice } from '@zealous-quill/core/house-style';

type Numbers = 'nearThousand' | 'nearHundred' | 'nearTen' | 'bridgingTen' | 'tables';

/** The numbers a department advises by, with the limits of the schema. */
export const adviceNumbers: readonly {
  readonly name: Numbers;
  readonly title: string;
  readonly min: number;
  readonly max: number;
}[] = [
  { name: 'nearTen', title: 'Near a multiple of ten: to', min: 1, max: 4 },
  { name: 'bridgingTen', title: 'Made up to a multiple of ten: by', min: 1, max: 9 },
  { name: 'nearHundred', title: 'Near a multiple of a hundred: to', min: 1, max: 49 },
  { name: 'nearThousand', title: 'Near a multiple of a thousand: to', min: 1, max: 99 },
  { name: 'tables', title: 'Tables known by heart: to', min: 5, max: 25 }
];

type Choices = 'held' | 'onPaper';

export const adviceChoices: readonly {
  readonly name: Choices;
  readonly title: string;
  readonly options: readonly (readonly [value: Advice[Choices], word: string])[];
}[] = [
  {
    name: 'held',
    title: 'Of what is held counts',
    options: [
      ['digits', 'every digit'],
      ['without-zeros', 'digits but zeros at the end'],
      ['values', 'each number as one']
    ]
  },
  {
    name: 'onPaper',
    title: 'Ways on paper are advised',
    options: [
      ['last', 'where none in the head suits'],
      ['weighed', 'where less would be held']
    ]
  }
];
