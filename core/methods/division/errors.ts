import { parseDecimal, type Quotient } from '../../numbers';
import { ANSWER, changing, valuesOf, type Graph, type Replacements } from '../../working';
import { pattern } from '../../skill/define';

type Whole = Extract<Quotient, { remainder: bigint }>;

/** The answer that the figures read, changed. */
const reading = (change: (read: Whole) => Quotient) => (_given: unknown, graph: Graph) =>
  changing<Whole>(graph, ANSWER, change);

/** The zeros of a quotient after its first figure: the steps that a pupil leaves out who leaves out a zero. */
export function zerosOf(graph: Graph): Replacements {
  const value = valuesOf(graph);
  const figures = graph.steps.filter(({ kind }) => kind === 'quotient');
  const first = figures.findIndex(({ id }) => value(id) !== 0n);
  const zeros = figures.slice(first).filter(({ id }) => value(id) === 0n);
  return Object.fromEntries(zeros.map(({ id, uses, rule }) => [id, { uses, rule }]));
}

/**
 * Ways of going wrong in any division; the examples of the catalogue are tested beside the skills. `figures` are
 * the schools that write the quotient figure by figure, all if absent.
 */
export const divisionPatterns = (figures?: readonly string[]) => ({
  'quotient-zero-omitted': pattern(
    'Zero of the quotient omitted',
    'Two digits are brought down at once, or the zero is not written.',
    (_given: unknown, graph: Graph) => ({
      ...zerosOf(graph),
      ...changing<Whole>(graph, ANSWER, ({ quotient, remainder }) => ({
        quotient: BigInt(String(quotient).replaceAll('0', '')),
        remainder
      }))
    }),
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
