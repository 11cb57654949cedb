/**
 * What a department goes by when it advises a way of working: it may call other numbers near, know more tables by
 * heart, or count otherwise what is held. Features, items and marks keep the usual values (common practice).
 */
export interface Advice {
  /** How far a number may be from a multiple of a thousand, a hundred, ten; and below one of ten to be made up. */
  nearThousand: number;
  nearHundred: number;
  nearTen: number;
  bridgingTen: number;
  /** Products up to so many times as many are known by heart. */
  tables: number;
  /** What is counted of a value that is held: its digits, those before the zeros at its end, or the value as one. */
  held: 'digits' | 'without-zeros' | 'values';
  /** Whether a way on paper is advised only where none in the head suits, or weighed against these. */
  onPaper: 'last' | 'weighed';
}

/** What is advised by until a department says otherwise. */
export const usualAdvice: Advice = {
  nearThousand: 30,
  nearHundred: 10,
  nearTen: 2,
  bridgingTen: 3,
  tables: 10,
  held: 'digits',
  onPaper: 'last'
};
