import { constant, using, type Replacements } from '../../../working';
import { pattern } from '../../../skill/define';
import { headOf, isPowerOfTen, isUnderHead, lookAt, type Look } from './numbers';

interface Given {
  readonly target: string;
  readonly number: string;
}

/** Other digits below the head, for complements to a power of ten; undefined where nothing is written there. */
function digitsOfPower(
  written: (digit: number, place: number, look: Look) => number | undefined
): (given: Given) => Replacements | undefined {
  return (given) => {
    const look = lookAt(given);
    if (!isPowerOfTen(look)) return undefined;
    const places = Array.from({ length: look.places }, (_, place) => place);
    return Object.fromEntries(
      places.map((place) => [`digit.${place}`, constant(written(look.digits[place]!, place, look))])
    );
  };
}

const toNineOrTen = (digit: number, place: number, { lastPlace }: Look) =>
  place < lastPlace ? 0 : place === lastPlace ? 10 - digit : 9 - digit;

const powers = { kind: ['power-of-ten'] };

// Common practice; no published catalogue is known.
export const patterns = {
  'all-to-ten': pattern(
    'Every digit to ten',
    'Each digit is made up to ten, and zeros stay.',
    digitsOfPower((digit) => (digit === 0 ? 0 : 10 - digit)),
    powers
  ),
  'all-to-nine': pattern(
    'Every digit to nine',
    'Each digit is made up to nine, the last one too.',
    digitsOfPower((digit) => 9 - digit),
    powers
  ),
  'leading-nines-lost': pattern(
    'Leading nines lost',
    'The number is made up to the power of ten just above it, not to the one asked for.',
    digitsOfPower((digit, place, look) =>
      place >= look.number.length ? 0 : toNineOrTen(digit, place, look)
    ),
    powers
  ),
  'trailing-zero-to-ten': pattern(
    'Last zero made up to ten',
    'The last digit is made up to ten though it is 0, and the others to nine.',
    (given: Given) => {
      const look = lookAt(given);
      if (!isPowerOfTen(look) || look.digits[0] !== 0) return undefined;
      // A square with 10 in it is read as it stands: 3 and 10 are 310.
      return digitsOfPower((digit, place) => (place === 0 ? 10 : 9 - digit))(given);
    },
    { ...powers, trailingZeros: 1 }
  ),
  'head-not-reduced': pattern(
    'First digit not made one less',
    'The digits below are made up, and the first digit of the round number is not made one less.',
    (given: Given) => {
      const look = lookAt(given);
      if (isPowerOfTen(look) || isUnderHead(look)) return undefined;
      const head = BigInt(headOf(look) - look.digits[look.places]!);
      return { [`digit.${look.places}`]: using([], () => head) };
    },
    { kind: ['multiple-of-ten'] }
  )
};
