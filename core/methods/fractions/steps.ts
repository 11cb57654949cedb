import { areUnlike } from './pairs';
import type { MixedGiven } from '../../skill/given/mixed';
import { gcd, mixedForm, mixedNumber, printMixed, type Mixed, type Value } from '../../numbers';
import {
  ANSWER,
  step,
  stepOn,
  using,
  type Get,
  type Step,
  type StepMore,
  type StepWords
} from '../../working';

/** The numerator over another denominator; undefined where there is no whole one. 4/8 is 1 over 2. */
export function topOver({ numerator, denominator }: Mixed, common: bigint): bigint | undefined {
  const top = numerator * common;
  return top % denominator === 0n ? top / denominator : undefined;
}

/** Whole and numerator put together, the numerator brought between 0 and the denominator; undefined below 0. */
export function mixedOver(
  whole: bigint,
  numerator: bigint,
  denominator: bigint
): Mixed | undefined {
  const top = whole * denominator + numerator;
  if (denominator < 1n || top < 0n) return undefined;
  return { whole: top / denominator, numerator: top % denominator, denominator };
}

const silentAt = (value: bigint, when: boolean): StepMore => (when ? { silentAt: value } : {});

/** An operand with the name of its numerator over the common denominator. */
export interface Operand extends Mixed {
  readonly name: string;
  readonly label: string;
}

export function operandOf(
  { whole, numerator, denominator }: MixedGiven,
  name: string,
  label: string
): Operand {
  const [w, n, d] = [BigInt(whole), BigInt(numerator), BigInt(denominator)];
  return { name, label, whole: w, numerator: n, denominator: d };
}

/**
 * Two fractions brought to a common denominator: any common one is as good as the least, and one that only the
 * cancelled fractions have as well. Where there is
 * nothing to find the steps are silent.
 */
function commonSteps(
  operands: readonly [Operand, Operand],
  least: bigint,
  isSilent: boolean
): Step[] {
  const isCommon = (written: Value) =>
    typeof written === 'bigint' &&
    written > 0n &&
    operands.every((operand) => topOver(operand, written) !== undefined);
  const [one, other] = operands;
  const common = step('common.denominator', [], () => least, {
    accepts: isCommon,
    isChoice: true,
    ...silentAt(least, isSilent),
    label: 'Common denominator',
    says: ({ value }) => `${one.denominator} and ${other.denominator} both go into ${value}.`
  });
  const tops = operands.map((operand) =>
    step(
      `common.${operand.name}`,
      ['common.denominator'],
      (denominator) => topOver(operand, denominator),
      {
        ...silentAt(operand.numerator, isSilent),
        kind: `common.${operand.name}`,
        label: operand.label,
        says: (words) => expanded(operand, words)
      }
    )
  );
  return [common, ...tops];
}

function expanded({ numerator, denominator }: Mixed, { value, of }: StepWords): string {
  const over = `${value}/${of('common.denominator')}`;
  return denominator.toString() === of('common.denominator')
    ? `${over} stays as it is.`
    : `${numerator}/${denominator} = ${over}.`;
}

/** How a school comes to its result over the common denominator: the steps, and the value read from them. */
export interface Raw {
  readonly uses: readonly string[];
  readonly read: (get: Get) => Mixed | undefined;
}

/** A result read from some steps. */
export function readFrom(
  uses: readonly string[],
  rule: (...values: bigint[]) => Mixed | undefined
): Raw {
  const read = using(uses, rule);
  return { uses, read: (get) => read.rule(get) as Mixed | undefined };
}

/** The fraction cancelled, and the answer; `right` is the right result over the least common denominator. */
function endSteps(right: Mixed, { uses, read }: Raw, says: Step['says']): Step[] {
  const common = gcd(right.numerator, right.denominator);
  const isSilent = right.numerator === 0n || common === 1n;
  const soFar = right.whole > 0n ? `So far that is ${printMixed(right)}. ` : '';
  const simplified = (part: 'numerator' | 'denominator', sentence: Step['says']) =>
    stepOn(
      `simplified.${part}`,
      {
        uses,
        rule(get) {
          const raw = read(get);
          return raw && raw[part] / gcd(raw.numerator, raw.denominator);
        }
      },
      {
        isOfForm: true,
        ...silentAt(right[part] / common, isSilent),
        label: `${part === 'numerator' ? 'Numerator' : 'Denominator'} simplified`,
        says: sentence
      }
    );
  const parts = [
    simplified(
      'numerator',
      ({ value }) =>
        `${soFar}${right.numerator}/${right.denominator} is not in its simplest form. Divide both numbers by ${common}: ${right.numerator} ÷ ${common} = ${value}.`
    ),
    simplified(
      'denominator',
      ({ value, of }) =>
        `${right.denominator} ÷ ${common} = ${value}, so the fraction is ${of('simplified.numerator')}/${value}.`
    )
  ];
  const ids = parts.map(({ id }) => id);
  const answer = stepOn(
    ANSWER,
    {
      uses: [...uses, ...ids],
      rule(get) {
        const [top, bottom] = ids.map((id) => get(id) as bigint | undefined);
        const raw = read(get);
        return raw && top !== undefined && bottom !== undefined
          ? mixedOver(raw.whole, top, bottom)
          : undefined;
      }
    },
    { reading: mixedNumber, form: mixedForm, label: 'Answer', says }
  );
  return [...parts, answer];
}

/** A school's own steps, and how its result over the common denominator is read from them. */
export interface Own {
  readonly steps: readonly Step[];
  readonly raw: Raw;
}

/** Two mixed numbers brought to a common denominator, worked as a school does, and the result simplified. */
export function fractionSteps(
  operands: readonly [Operand, Operand],
  { least, right, own, line }: { least: bigint; right: Mixed; own: Own; line: string }
): Step[] {
  const isUnlike = areUnlike(...operands);
  return [
    ...commonSteps(operands, least, !isUnlike),
    ...own.steps,
    ...endSteps(right, own.raw, ({ value }) =>
      isUnlike ? `So the answer is ${value}.` : `${line} = ${value}.`
    )
  ];
}
