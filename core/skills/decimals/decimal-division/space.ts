import { printDecimal } from '../../../numbers';
import { classItems, type ItemSpace } from '../../../spaces';
import type { Given } from '../../../methods/division/look';
import type { Wanted } from '../../../skill/request';
import { factsOf, groupsOf } from './keys';
import { DIVIDEND_PLACES, DIVISOR_PLACES, QUOTIENT_PLACES } from './numbers';

/** Where the points of dividend and divisor may stand: both places in one number. */
const PLACES = DIVISOR_PLACES + 1;
const POINTS = Array.from({ length: (DIVIDEND_PLACES + 1) * PLACES }, (_, at) => at);
const placesAt = (point: number) => [Math.floor(point / PLACES), point % PLACES] as const;

/**
 * All divisions that are wanted: of each group of dividends of a divisor, read as whole numbers, the places that
 * both points may have. Which these are depends on the key of the group.
 */
export function items(wanted: Wanted): ItemSpace<Given> {
  const { min, max } = wanted.range('divisor');
  const divisors = Array.from({ length: max - min + 1 }, (_, at) => min + at);
  // Powers of ten only move the point.
  const groups = divisors.filter((divisor) => divisor !== 10).flatMap(groupsOf);
  const placed = wantedPlacings(wanted);
  return classItems({
    size: groups.length,
    weight(at) {
      const { key, dividends } = groups[at]!;
      return dividends.length * placed(key).length;
    },
    member(at, index) {
      const { divisor, key, dividends } = groups[at]!;
      const allowed = placed(key);
      const [own, by] = placesAt(allowed[index % allowed.length]!.point);
      const units = dividends[Math.floor(index / allowed.length)]!;
      return {
        dividend: printDecimal({ units: BigInt(units), places: own }),
        divisor: printDecimal({ units: BigInt(divisor), places: by })
      };
    },
    features: (at) => ({ divisor: groups[at]!.divisor }),
    *split(at) {
      const { key, dividends } = groups[at]!;
      for (const { features } of placed(key)) yield [features, dividends.length];
    }
  });
}

/** The features of items with a key and points at some places; the divisor itself is told by the group. */
function featuresOf(key: number, point: number) {
  const { digits, divisorDigits, behind, endZeros, figures, zeros } = factsOf(key);
  const [dividendPlaces, divisorPlaces] = placesAt(point);
  // The quotient's last figure that is not 0 stands at this place, with the points moved.
  const last = divisorPlaces - dividendPlaces - behind + endZeros;
  const shiftZeros = Math.max(0, divisorPlaces - dividendPlaces);
  const wholeZeros = Math.max(0, last);
  return {
    ...{ digits, divisorDigits, divisorPlaces, dividendPlaces, shiftZeros },
    extraZeros: Math.max(0, behind - shiftZeros),
    quotientPlaces: Math.max(0, -last),
    quotientDigits: figures + wholeZeros,
    quotientZeros: zeros + wholeZeros,
    belowOne: figures + last <= 0,
    divisorBelowOne: divisorPlaces >= divisorDigits
  };
}

/** An item of a group, as far as its places tell: where the points stand, and its features. */
interface Placing {
  readonly point: number;
  readonly features: ReturnType<typeof featuresOf>;
}

const placings = new Map<number, readonly Placing[]>();

/** The places that points can have where the key is this, whatever is wanted. */
function placingsOf(key: number): readonly Placing[] {
  let known = placings.get(key);
  if (!known) {
    known = POINTS.map((point) => ({ point, features: featuresOf(key, point) })).filter(
      ({ point, features }) => canStand(key, point, features.quotientPlaces)
    );
    placings.set(key, known);
  }
  return known;
}

function canStand(key: number, point: number, quotientPlaces: number): boolean {
  const { isRound } = factsOf(key);
  const [dividend, divisor] = placesAt(point);
  return (
    // What has decimals does not end in 0.
    !(dividend > 0 && isRound[0]) &&
    !(divisor > 0 && isRound[1]) &&
    quotientPlaces <= QUOTIENT_PLACES &&
    dividend + divisor + quotientPlaces > 0
  );
}

/** Those that are wanted, worked out when they are first asked for. */
function wantedPlacings(wanted: Wanted): (key: number) => readonly Placing[] {
  const known = new Map<number, readonly Placing[]>();
  return (key) => {
    let those = known.get(key);
    if (!those) {
      those = placingsOf(key).filter(({ features }) => wanted.meets(features));
      known.set(key, those);
    }
    return those;
  };
}
