import { placeName, withSigns, writeText, type HouseStyle } from '../house-style';

/** Words that may depend on the house style and on the values of an item. */
export type Wording = string | ((words: StepWords) => string);

/** What a sentence about a step is made of; everything is written as the house writes it. */
export interface StepWords {
  readonly style: HouseStyle;
  /** The value of the step itself. */
  readonly value: string;
  /** The value of another step; empty where it has none. */
  of(step: string): string;
  /** A number or expression that is no step's value. */
  write(value: unknown): string;
  /** Name of a place, an exponent of ten. */
  place(place: number): string;
}

/** The words in full. */
export function worded(wording: Wording, words: StepWords): string {
  return withSigns(typeof wording === 'string' ? wording : wording(words), words.style);
}

/** Words about values that are given as plain text, by step. */
export function stepWords(
  step: string,
  printed: (step: string) => string | undefined,
  style: HouseStyle
): StepWords {
  const write = (value: unknown) => writeText(String(value), style);
  const of = (id: string) => write(printed(id) ?? '');
  return {
    style,
    get value() {
      return of(step);
    },
    of,
    write,
    place: (place) => placeName(place, style)
  };
}

/** The first letter made large, to begin a sentence. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** What making or taking a ten is called, to begin a sentence. */
