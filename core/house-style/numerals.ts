import type { HouseStyle } from './house-style';
import { divideSign, timesSign } from './signs';

/** No-break thin space, so that a grouped number never breaks across lines. */
const THIN = '\u202f';

/**
 * A numeral with a decimal point, as the house writes it: grouped in threes from five digits up with
 * spaces (a common-practice exception for four digits) or from four with commas, and with its decimal mark.
 */
export function writeNumeral(numeral: string, style: HouseStyle): string {
  const [whole = '', decimals] = numeral.split('.');
  const mark = style.decimalMark === 'comma' ? ',' : '.';
  return grouped(whole, style) + (decimals === undefined ? '' : mark + decimals);
}

/**
 * A text with numerals in it as the house writes them, with a sign of minus as such and the house's signs of
 * multiplication and division; between the numbers of a list stand semicolons where the comma is the decimal mark.
 */
export function writeText(text: string, style: HouseStyle): string {
  const separator = style.decimalMark === 'comma' ? '; ' : ', ';
  return text
    .split(', ')
    .map((part) => part.replace(/\d+(?:\.\d+)?/g, (numeral) => writeNumeral(numeral, style)))
    .join(separator)
    .replaceAll('-', '\u2212')
    .replace(/(?<=\d) x (?=\d)/g, ` ${timesSign(style)} `)
    .replace(/(?<=\d) \/ (?=\d)/g, ` ${divideSign(style)} `);
}

function grouped(whole: string, style: HouseStyle): string {
  const separator = { none: '', space: THIN, comma: ',' }[style.grouping];
  if (style.grouping === 'space' && whole.length < 5) return whole;
  return whole.replace(/\B(?=(\d{3})+$)/g, separator);
}

const LETTERS = ['O', 'T', 'H', 'Th', 'TTh', 'HTh', 'M', 'TM', 'HM', 'B', 'TB', 'HB', 'Tr'];

const DECIMAL_LETTERS = ['t', 'h', 'th', 'tth'];

/** Short heading over the column of a place (an exponent of ten from -4 to 12): `H`, or `100`; `t`, or `0.1`. */
export function placeHeading(place: number, style: HouseStyle): string {
  if (place < 0) {
    return style.headings === 'numerals'
      ? writeNumeral((10 ** place).toFixed(-place), style)
      : DECIMAL_LETTERS[-1 - place]!;
  }
  if (style.headings === 'numerals') {
    return place < 4 ? `1${'0'.repeat(place)}` : `10${superscript(place)}`;
  }
  return place === 0 && style.firstPlace === 'units' ? 'U' : LETTERS[place]!;
}

const NAMES = [
  'ones',
  'tens',
  'hundreds',
  'thousands',
  'ten thousands',
  'hundred thousands',
  'millions',
  'ten millions',
  'hundred millions',
  'billions',
  'ten billions',
  'hundred billions',
  'trillions'
];

const DECIMAL_NAMES = ['tenths', 'hundredths', 'thousandths', 'ten-thousandths'];

/** Name of a place (an exponent of ten from -4 to 12) in a sentence. */
export function placeName(place: number, style: HouseStyle): string {
  if (place < 0) return DECIMAL_NAMES[-1 - place]!;
  return place === 0 ? style.firstPlace : NAMES[place]!;
}

function superscript(value: number): string {
  return [...String(value)].map((digit) => '⁰¹²³⁴⁵⁶⁷⁸⁹'[Number(digit)]).join('');
}
