import type { HouseStyle } from './house-style';

type Signs = Pick<HouseStyle, 'timesSign' | 'divideSign'>;

/** The sign between two factors. */
export const timesSign = ({ timesSign: sign }: Signs): string => ({ cross: '×', dot: '·' })[sign];

/** The sign between a number and what it is divided by. */
export const divideSign = ({ divideSign: sign }: Signs): string =>
  ({ obelus: '÷', colon: ':', slash: '/' })[sign];

/** A text in which factors have × between them and divisions ÷, with the signs of the house. */
export function withSigns(text: string, style: Signs): string {
  return text
    .replace(/(?<=^|\s)×(?=\s|$)/g, timesSign(style))
    .replace(/(?<=^|\s)÷(?=\s|$)/g, divideSign(style));
}
