import { parseDecimal, printDecimal, withoutZeros, type Decimal } from '../../../numbers';
import { ANSWER, changing, constant, type Graph } from '../../../working';
import { answering } from '../../../methods/columns/decimal/answer';
import { zerosOf } from '../../../methods/division/errors';
import { inSettingOut, pattern } from '../../../skill/define';
import type { Given } from '../../../methods/division/look';
import { moved, QUOTIENT_PLACES, type Moved } from './numbers';

/** Ways of going wrong with quotients of decimals; the examples of the catalogue are tested beside it. */
export const errorPatterns = {
  'divisor-point-only-moved': pattern(
    'Only the divisor’s point moved',
    'The divisor is made whole, and the dividend stays as it is.',
    ({ dividend }: Given) => ({ 'shifted.dividend': constant(parseDecimal(dividend)) }),
    { divisorPlaces: { min: 1 } }
  ),
  'point-not-raised': pattern(
    'Point not raised',
    'The figures of the quotient are right, and its point is not written.',
    (given: Given, graph: Graph) =>
      moved(given)!.extraZeros > 0 ? undefined : read(graph, ({ units }) => ({ units, places: 0 })),
    { extraZeros: 0, quotientPlaces: { min: 1 } }
  ),
  'quotient-zero-omitted': pattern(
    'Zero of the quotient omitted',
    'Two digits are brought down at once, or the zero is not written.',
    (_given: Given, graph: Graph) => ({
      ...zerosOf(graph),
      ...read(graph, (value) => parseDecimal(withoutInnerZeros(printDecimal(value))))
    }),
    { quotientZeros: { min: 1 } }
  ),
  'stops-at-remainder': pattern(
    'Stops at the remainder',
    'No zeros are put on: what is left over is not divided.',
    answering((given: Given) => {
      const { whole, places } = stopped(moved(given)!);
      return whole === 0n ? undefined : withoutZeros({ units: whole, places });
    }),
    { extraZeros: { min: 1 } }
  ),
  'remainder-as-decimal': pattern(
    'Remainder as decimal',
    'No zeros are put on: what is left over is written after the point as it stands.',
    answering((given: Given) => {
      const { whole, left, places } = stopped(moved(given)!);
      const text = printDecimal({ units: whole, places });
      if (left === 0n) return withoutZeros(parseDecimal(text)!);
      return parseDecimal(places === 0 ? `${text}.${left}` : `${text}${left}`);
    }),
    { extraZeros: { min: 1 } }
  ),
  'division-reversed': inSettingOut(
    pattern(
      'Division reversed',
      'The smaller number is divided into the larger.',
      answering(({ dividend, divisor }: Given) => {
        const turned = moved({ dividend: divisor, divisor: dividend });
        if (!turned || turned.quotientPlaces > QUOTIENT_PLACES) return undefined;
        const value = withoutZeros({ units: turned.quotient, places: turned.quotientPlaces });
        return isAboveOne(value) ? value : undefined;
      }),
      // A quotient of one figure is turned into one that ends.
      { belowOne: true, quotientDigits: 1 }
    )
  )
};

/** What the figures of the quotient read, changed. */
const read = (graph: Graph, change: (value: Decimal) => Decimal | undefined) =>
  changing<Decimal>(graph, ANSWER, change);

/** The division stopped where the dividend has no more figures. */
function stopped({ units, divisor, places }: Moved) {
  return { whole: units / divisor, left: units % divisor, places };
}

/** Without the zeros after the first figure that is not 0. */
function withoutInnerZeros(numeral: string): string {
  const first = numeral.search(/[1-9]/);
  return numeral.slice(0, first + 1) + numeral.slice(first + 1).replaceAll('0', '');
}

const isAboveOne = ({ units, places }: Decimal) => units > 10n ** BigInt(places);
