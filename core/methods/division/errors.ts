import { parseDecimal, type Quotient } from '../../numbers';
import { ANSWER, changing, type Graph } from '../../working';
import { pattern } from '../../skill/define';

type Whole = Extract<Quotient, { remainder: bigint }>;

/** The answer that the figures read, changed. */
const reading = (change: (read: Whole) => Quotient) => (_given: unknown, graph: Graph) =>
  changing<Whole>(graph, ANSWER, change);

/**
 * Ways of going wrong in any division; the examples of the catalogue are tested beside the skills. `figures` are
 * the schools that write the quotient figure by figure, all if absent.
 */
export const divisionPatterns = (figures?: readonly string[]) => ({
  'quotient-zero-omitted': pattern(
    'Zero of the quotient omitted',
    'Two digits are brought down at once, or the zero is not written.',
    reading(({ quotient, remainder }) => ({
      quotient: BigInt(String(quotient).replaceAll('0', '')),
      remainder
    })),
    { quotientZeros: { min: 1 } }
  ),
  'final-remainder-dropped': pattern(
    'Final remainder dropped',
    'What is left over at the end is not written.',
    reading(({ quotient }) => ({ quotient, remainder: 0n })),
    { exact: false }
  ),
  'remainder-as-decimal': pattern(
    'Remainder as decimal',
    'What is left over is written after a point as it stands.',
    reading((read) =>
      read.remainder === 0n
        ? read
        : { decimal: parseDecimal(`${read.quotient}.${read.remainder}`)! }
    ),
    { exact: false }
  ),
  'remainder-too-large': pattern(
    'Remainder too large',
    'The last figure of the quotient is one too small, so that more is left than is divided by.',
    (_given: unknown, graph: Graph) =>
      changing<bigint>(graph, 'quotient.0', (figure) => (figure > 0n ? figure - 1n : undefined)),
    { exact: false },
    figures
  )
});
