import type { HouseStyle } from '../../../house-style';
import type { Mixed } from '../../../numbers';
import { FractionSheet, step, type Layout, type Step } from '../../../working';
import {
  fractionSteps,
  mixedOver,
  operandOf,
  readFrom,
  topOver,
  type Operand,
  type Own
} from '../../../methods/fractions/steps';
import { areUnlike } from '../../../methods/fractions/pairs';
import { LARGEST_WHOLE, printMixedGiven, type MixedGiven } from '../../../skill/given/mixed';
import { look, type Given } from './features';

export type School = 'parts' | 'improper';

/**
 * The fractions are brought to a common denominator; each school goes its own way to a sum over it, and that is
 * simplified:
 *
 *   common.* --> fraction.numerator, whole --> carried.* --\
 *          \--> improper.0, improper.1 --> improper.sum ----> simplified.* --> answer
 */
export function mixedSteps(given: Given, school: School): Step[] {
  const [one, other] = given.addends as [MixedGiven, MixedGiven];
  const operands: [Operand, Operand] = [
    operandOf(one, '0', 'First numerator'),
    operandOf(other, '1', 'Second numerator')
  ];
  const least = BigInt(look(given).commonDenominator);
  const right = sumOver(operands, least);
  const own = school === 'parts' ? inParts(operands, right) : improperly(operands);
  const line = `${printMixedGiven(one)} + ${printMixedGiven(other)}`;
  return fractionSteps(operands, { least, right, own, line });
}

function sumOver([one, other]: readonly [Operand, Operand], least: bigint): Mixed {
  return mixedOver(one.whole + other.whole, topOver(one, least)! + topOver(other, least)!, least)!;
}

/** Fractions and wholes added by themselves, then one whole carried out of the fraction. */
function inParts([one, other]: readonly [Operand, Operand], right: Mixed): Own {
  const wholes = one.whole + other.whole;
  const isSilent = right.whole === wholes;
  const parts = ['fraction.numerator', 'common.denominator'];
  const steps = [
    step('fraction.numerator', ['common.0', 'common.1'], (top, below) => top + below, {
      label: 'Numerator of the sum',
      says: ({ value, of }) =>
        `Fractions: ${of('common.0')} + ${of('common.1')} = ${value}, over ${of('common.denominator')}.`
    }),
    step('whole', [], () => wholes, {
      ...(wholes === 0n && { silentAt: 0n }),
      label: 'Wholes together',
      says: ({ value }) => `Wholes: ${one.whole} + ${other.whole} = ${value}.`
    }),
    step(
      'carried.whole',
      ['whole', ...parts],
      (whole, top, bottom) => whole + (top >= bottom ? 1n : 0n),
      {
        leftOut: wholes,
        ...(isSilent && { silentAt: wholes }),
        label: 'Whole with the one carried',
        says: ({ value, of }) =>
          `${of('fraction.numerator')}/${of('common.denominator')} is ${of('fraction.numerator') === of('common.denominator') ? 'one whole' : 'more than one whole'}. Carry 1 to the wholes: ${of('whole')} + 1 = ${value}.`
      }
    ),
    step('carried.numerator', parts, (top, bottom) => (top >= bottom ? top - bottom : top), {
      ...(isSilent && { silentAt: right.numerator }),
      label: 'Numerator left over',
      says: ({ value, of }) =>
        `Take that whole from the fraction: ${of('fraction.numerator')} − ${of('common.denominator')} = ${value}.`
    })
  ];
  const raw = readFrom(['carried.whole', 'carried.numerator', 'common.denominator'], mixedOver);
  return { steps, raw };
}

function improperly(operands: readonly [Operand, Operand]): Own {
  const improper = operands.map(({ name, whole, label }) =>
    step(
      `improper.${name}`,
      ['common.denominator', `common.${name}`],
      (denominator, top) => whole * denominator + top,
      {
        label: `${label}, improper`,
        says: ({ value, of }) =>
          `${whole} × ${of('common.denominator')} + ${of(`common.${name}`)} = ${value}.`
      }
    )
  );
  const sum = step('improper.sum', ['improper.0', 'improper.1'], (one, other) => one + other, {
    label: 'Sum of numerators',
    says: ({ value, of }) =>
      `${of('improper.0')} + ${of('improper.1')} = ${value}, over ${of('common.denominator')}.`
  });
  const raw = readFrom([sum.id, 'common.denominator'], (top, denominator) =>
    mixedOver(0n, top, denominator)
  );
  return { steps: [...improper, sum], raw };
}

/**
 * The addends under each other, from left to right as given, over the common denominator, and as the school has
 * it; below the rule the sum, what is carried, simplified, and the answer.
 */
export function mixedSheet(given: Given, school: School, style: HouseStyle): Layout {
  const [one, other] = given.addends as [MixedGiven, MixedGiven];
  const { commonDenominator: least, simplifies, regroups, makesWhole } = look(given);
  const isUnlike = areUnlike(one, other);
  /** Squares a numerator over the common denominator needs. */
  const tops = least >= 50 ? 2 : 1;
  const denominator = isUnlike ? '' : String(least);
  const sheet = new FractionSheet('+', [one, other], denominator, 'common.denominator');
  if (isUnlike) {
    const rows = { 0: 'common.0', 1: 'common.1' };
    sheet.equals(0, 1).numerators(rows, tops, { 0: 'common.denominator' });
  }
  if (school === 'parts') {
    const above = sheet.width;
    sheet.from(1).wholes({ 2: 'whole' }).numerators({ 2: 'fraction.numerator' }, tops).upTo(above);
    if (regroups) {
      sheet.equals(2).wholes({ 2: 'carried.whole' });
      if (!makesWhole) sheet.numerators({ 2: 'carried.numerator' }, tops);
    }
  } else {
    const improperTops = Math.max(2, Math.ceil(String(2 * least * LARGEST_WHOLE).length / 2));
    const rows = { 0: 'improper.0', 1: 'improper.1', 2: 'improper.sum' };
    sheet.equals(0, 1).numerators(rows, improperTops);
  }
  if (simplifies) {
    const found = { 2: 'simplified.denominator' };
    sheet.equals(2).numerators({ 2: 'simplified.numerator' }, tops, found);
  }
  return sheet.layout(style);
}
