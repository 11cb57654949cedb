import { quotientBy, quotientForm, type Quotient } from '../../numbers';
import { ANSWER, stepOn, type Get, type Step, type StepMore } from '../../working';
import type { Dividing } from './partials';

/**
 * What the figures of a quotient read across, and what is left at the end. Where nothing is, that need not be
 * seen: the figures alone are the answer.
 */
export function quotientAcross(
  { digits, divisor, remainder }: Dividing,
  left: Pick<Step, 'uses' | 'rule'>
): Step {
  const isExact = remainder === 0n;
  const figures = digits.map((_, at) => `quotient.${digits.length - 1 - at}`);
  const across = {
    uses: [...new Set([...figures, ...left.uses])],
    rule(get: Get) {
      const written = figures.map(get);
      const rest = left.rule(get) ?? (isExact ? 0n : undefined);
      return written.includes(undefined) || typeof rest !== 'bigint'
        ? undefined
        : quotientOf(BigInt(written.join('')), rest);
    }
  };
  return stepOn(ANSWER, across, { ...quotientStep(divisor), assembled: isExact });
}

/** How the answer of a division is read, and what is said of it. */
export function quotientStep(divisor: bigint): StepMore {
  return {
    reading: quotientBy(divisor),
    form: quotientForm,
    label: 'Answer',
    says: ({ value }) => `The quotient is ${value}.`
  };
}

export const quotientOf = (quotient: bigint, remainder: bigint): Quotient => ({
  quotient,
  remainder
});
