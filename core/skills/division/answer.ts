import { quotientBy, quotientForm, type Quotient } from '../../numbers';
import { ANSWER, stepOn, usingValues, type Step } from '../../working';
import type { Dividing } from './partials';

/** What the figures of a quotient read across, and what is left of the last partial dividend. */
export function quotientAcross(
  { digits, divisor, remainder }: Dividing,
  last: Pick<Step, 'uses' | 'rule'>
): Step {
  const isExact = remainder === 0n;
  const figures = digits.map((_, at) => `quotient.${digits.length - 1 - at}`);
  const across = usingValues<bigint[]>([...figures, ...last.uses], (...values) => {
    const written = values.slice(0, figures.length);
    const given = new Map(last.uses.map((id, at) => [id, values[figures.length + at]] as const));
    const left = (last.rule((id) => given.get(id)) as bigint) - written.at(-1)! * divisor;
    // Without its small figures the last partial dividend is not seen; where nothing is left, none is needed.
    if (left < 0n && !isExact) return undefined;
    return quotientOf(BigInt(written.join('')), left < 0n ? 0n : left);
  });
  return stepOn(ANSWER, across, {
    reading: quotientBy(divisor),
    form: quotientForm,
    assembled: isExact,
    label: 'Answer',
    says: ({ value }) => `The quotient is ${value}.`
  });
}

export const quotientOf = (quotient: bigint, remainder: bigint): Quotient => ({
  quotient,
  remainder
});
