import { parseDecimal, type Quotient } from '../../numbers';
import { ANSWER, stepOf, type Graph, type Replacement } from '../../working';
import { pattern } from '../define';

type Whole = Extract<Quotient, { remainder: bigint }>;

/** The answer that the figures read, changed. */
export function answering(change: (read: Whole) => Quotient) {
  return (_given: unknown, graph: Graph): Record<string, Replacement> => {
    const { uses, rule } = stepOf(graph, ANSWER);
    return {
      [ANSWER]: {
        uses,
        rule(get) {
          const read = rule(get) as Whole | undefined;
          return read && change(read);
        }
      }
    };
  };
}

/**
 * Ways of going wrong in any division; the examples of the catalogue are tested beside the skills. `figures` are
 * the schools that write the quotient figure by figure, all if absent.
 */
export const divisionPatterns = (figures?: readonly string[]) => ({
  'quotient-zero-omitted': pattern(
    'Zero of the quotient omitted',
    'Two digits are brought down at once, or the zero is not written.',
    answering(({ quotient, remainder }) => ({
      quotient: BigInt(String(quotient).replaceAll('0', '')),
      remainder
    })),
    { quotientZeros: { min: 1 } }
  ),
  'final-remainder-dropped': pattern(
    'Final remainder dropped',
    'What is left over at the end is not written.',
    answering(({ quotient }) => ({ quotient, remainder: 0n })),
    { exact: false }
  ),
  'remainder-as-decimal': pattern(
    'Remainder as decimal',
    'What is left over is written after a point as it stands.',
    answering((read) =>
      read.remainder === 0n
        ? read
        : { decimal: parseDecimal(`${read.quotient}.${read.remainder}`)! }
    ),
    { exact: false }
  ),
  'remainder-too-large': pattern(
    'Remainder too large',
    'The last figure of the quotient is one too small, so that more is left than is divided by.',
    (_given: unknown, graph: Graph) => {
      const { uses, rule } = stepOf(graph, 'quotient.0');
      const smaller: Replacement['rule'] = (get) => {
        const figure = rule(get);
        return typeof figure === 'bigint' && figure > 0n ? figure - 1n : undefined;
      };
      return { 'quotient.0': { uses, rule: smaller } };
    },
    { exact: false },
    figures
  )
});
