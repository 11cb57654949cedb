import { acrossFigures } from '../../../numbers';
import {
  ANSWER,
  constant,
  using,
  type Graph,
  type Replacement,
  type Replacements
} from '../../../working';
import { pattern } from '../../../skill/define';
import { quotientOf } from '../../../methods/division/answer';
import { divisionPatterns } from '../../../methods/division/errors';
import type { Given } from '../../../methods/division/look';
import { dividing } from '../../../methods/division/partials';

const BY_ONE_DIGIT = { divisor: { max: 9 } };

const { 'quotient-zero-omitted': zeroOmitted, ...others } = divisionPatterns();

/** Ways of going wrong in short division; the examples of the catalogue are tested beside it. */
export const errorPatterns = {
  'quotient-zero-omitted': zeroOmitted,
  'interim-remainder-dropped': pattern(
    'Interim remainder dropped',
    'What is left on the way is not carried: each further figure is divided alone.',
    byOneDigit(carriedDropped),
    { ...BY_ONE_DIGIT, carried: { min: 1 } }
  ),
  ...others,
  'right-to-left': pattern(
    'Right to left',
    (style) => `Starts at the ${style.firstPlace} and passes what is left to the left.`,
    byOneDigit(rightToLeft),
    BY_ONE_DIGIT
  )
};

function byOneDigit(instead: (given: Given) => Replacements) {
  return (given: Given, _graph: Graph) => (given.divisor.length === 1 ? instead(given) : undefined);
}

function carriedDropped(given: Given): Replacements {
  const { top } = dividing(given);
  const places = Array.from({ length: top }, (_, place) => place);
  return Object.fromEntries(places.map((place) => [`carried.${place}`, constant(0n)]));
}

/**
 * What is left at a place is put before the next one to the left, so carried.p comes from the place below it;
 * what enters the leading figure has no square of its own. The last remainder is that of the leading figure.
 */
function rightToLeft(given: Given): Replacements {
  const { digits, divisor } = dividing(given);
  const n = digits.length;
  const own = (place: number) => BigInt(digits[place]!);
  /** A rule over what is divided at a place, from what is carried to it or to the place below. */
  const over = (place: number, rule: (partial: bigint) => bigint): Replacement => {
    if (place === 0) return constant(rule(own(0)));
    const reached = (left: bigint) => rule(10n * left + own(place));
    if (place < n - 1) return using([`carried.${place}`], reached);
    return place === 1
      ? constant(reached(own(0) % divisor))
      : using([`carried.${place - 1}`], (left) => reached((10n * left + own(place - 1)) % divisor));
  };
  const places = digits.map((_, place) => place);
  const figures = places.map(
    (place) => [`quotient.${place}`, over(place, (partial) => partial / divisor)] as const
  );
  const carried = places
    .slice(1, -1)
    .map((place) => [`carried.${place}`, over(place - 1, (partial) => partial % divisor)] as const);
  const squares = [...places].reverse().map((place) => `quotient.${place}`);
  const last = over(n - 1, (partial) => partial % divisor);
  return {
    ...Object.fromEntries([...figures, ...carried]),
    'carried.0': constant(0n),
    [ANSWER]: {
      uses: [...squares, ...last.uses],
      rule(get) {
        const quotient = acrossFigures(squares.map(get));
        const left = last.rule(get);
        return quotient === undefined || typeof left !== 'bigint'
          ? undefined
          : quotientOf(quotient, left);
      }
    }
  };
}
