/** Something that can be typed into a model of bars. */
export interface BarField {
  readonly label: string;
  readonly value: string;
  readonly write: (text: string) => void;
}
