import { busStop, writeNumeral, writeText, type HouseStyle } from '../../house-style';
import type { Scheme } from '../../schemes';
import { endingQuotient } from './answer';
import type { Given } from './look';

const NOTATIONS = ['sign', 'bar', 'bus-stop'] as const;

/** What is asked of a division, in the notation of the house; each in turn if it has no one notation. */
export function divisionPrompt({ dividend, divisor }: Given, style: HouseStyle, turn = 0): string {
  const { divisionAsked } = style;
  const notation = divisionAsked === 'in-turn' ? NOTATIONS[turn % NOTATIONS.length] : divisionAsked;
  const [one, other] = [dividend, divisor].map((numeral) => writeNumeral(numeral, style));
  switch (notation) {
    case 'bar':
      return `Work out ${one}/${other}.`;
    case 'bus-stop':
      return `Work out ${busStop(one!, other!)}.`;
    default:
      return `Work out ${writeText(`${dividend} / ${divisor}`, style)}.`;
  }
}

/** As {@link divisionPrompt}, of whole numbers: it says how what is left over is to be written. */
export function remainderPrompt(given: Given, style: HouseStyle, turn?: number): string {
  const prompt = divisionPrompt(given, style, turn);
  if (style.remainder === 'fraction') return `${prompt} Write any remainder as a fraction.`;
  const ends = endingQuotient(BigInt(given.dividend), BigInt(given.divisor)) !== undefined;
  return style.remainder === 'decimal' && ends
    ? `${prompt} Write any remainder as a decimal.`
    : prompt;
}

/** The scheme, which says nothing of a remainder written as the house does. */
export function remainderAllowed(scheme: Scheme, { remainder }: HouseStyle): Scheme {
  if (remainder === 'r') return scheme;
  return { ...scheme, allows: [remainder === 'fraction' ? 'as-fraction' : 'as-decimal'] };
}
