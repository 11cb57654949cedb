import type { HouseStyle } from '../house-style';
import type { Scheme } from '../marking/scheme';

/** The scheme, which says something of zeros at the end of a decimal only where the house does. */
export function zerosNoted(scheme: Scheme, { trailingZeros }: HouseStyle): Scheme {
  return trailingZeros === 'noted' ? scheme : { ...scheme, allows: ['trailing-zeros'] };
}
