/** Where something of a part of an exam stands: millimetres from the left and the top of a page, counted from 1. */
export interface Measured {
  /** Where the part begins and ends, where the room for its answer begins, and where its marks stand. */
  readonly what: 'part' | 'room' | 'end' | 'marks';
  readonly label: string;
  readonly marks: number;
  readonly page: number;
  readonly x: number;
  readonly y: number;
}
