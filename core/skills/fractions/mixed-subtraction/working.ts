import { takingWords, type HouseStyle } from '../../../house-style';
import { mixedNumber, signedNumber, type Mixed } from '../../../numbers';
import {
  capital,
  FractionSheet,
  step,
  stepOn,
  using,
  type Layout,
  type Step
} from '../../../working';
import {
  fractionSteps,
  mixedOver,
  operandOf,
  readFrom,
  topOver,
  type Operand,
  type Own
} from '../../../methods/fractions/steps';
import { LARGEST_WHOLE, printMixedGiven } from '../../../skill/given/mixed';
import { areUnlike } from '../../../methods/fractions/pairs';
import { lookAtFractions, type Given } from './features';

export type School = 'regroup' | 'improper' | 'parts';

/** What the rules read of an item. */
interface Exact {
  readonly minuend: Operand;
  readonly subtrahend: Operand;
  readonly least: bigint;
  readonly regroups: boolean;
  /** The answer over the least common denominator. */
  readonly difference: Mixed;
}

/**
 * The fractions are brought to a common denominator; each school goes its own way to a difference over it,
 * and that is simplified:
 *
 *   common.* --> regroup.* --> fraction.numerator, whole --\
 *          \--> improper.* --> improper.difference ---------> simplified.* --> answer
 *           \-> whole, fraction.numerator --> combined ----/
 */
export function mixedSteps(given: Given, school: School): Step[] {
  const exact = exactly(given);
  const { minuend, subtrahend, least, difference } = exact;
  const own = { regroup: regrouping, improper: improperly, parts: apart }[school](exact);
  const line = `${printMixedGiven(given.minuend)} − ${printMixedGiven(given.subtrahend)}`;
  return fractionSteps([minuend, subtrahend], { least, right: difference, own, line });
}

function exactly(given: Given): Exact {
  const { commonDenominator, regroups } = lookAtFractions(given.minuend, given.subtrahend);
  const minuend = operandOf(given.minuend, 'minuend', 'Numerator above');
  const subtrahend = operandOf(given.subtrahend, 'subtrahend', 'Numerator below');
  const least = BigInt(commonDenominator);
  const top = topOver(minuend, least)! - topOver(subtrahend, least)!;
  const difference = mixedOver(minuend.whole - subtrahend.whole, top, least)!;
  return { minuend, subtrahend, least, regroups, difference };
}

const notNegative = (value: bigint) => (value < 0n ? undefined : value);

function regrouping({ minuend, subtrahend, regroups, least, difference }: Exact): Own {
  const tops = ['common.minuend', 'common.subtrahend'];
  const steps = [
    step('regroup.whole', tops, (top, bottom) => minuend.whole - (top < bottom ? 1n : 0n), {
      leftOut: minuend.whole,
      ...(!regroups && { silentAt: minuend.whole }),
      label: ({ style }) => `Whole after ${takingWords(style).acting}`,
      says: ({ value, of, style }) =>
        `${of('common.minuend')}/${of('common.denominator')} is too small. ${capital(takingWords(style).act)} one whole: ${minuend.whole} becomes ${value}.`
    }),
    step(
      'regroup.numerator',
      ['common.denominator', ...tops],
      (denominator, top, bottom) => (top < bottom ? top + denominator : top),
      {
        ...(!regroups && { silentAt: topOver(minuend, least)! }),
        label: ({ style }) => `Numerator after ${takingWords(style).acting}`,
        says: ({ value, of }) => {
          const bottom = of('common.denominator');
          return `One whole is ${bottom}/${bottom}: ${of('common.minuend')} + ${bottom} = ${value}.`;
        }
      }
    ),
    numerators('regroup.numerator', notNegative),
    wholes(
      using(['regroup.whole'], (whole) => notNegative(whole - subtrahend.whole)),
      {
        ...(difference.whole === 0n && { silentAt: 0n }),
        says: ({ value, of }) => `Wholes: ${of('regroup.whole')} − ${subtrahend.whole} = ${value}.`
      }
    )
  ];
  const raw = readFrom(['whole', 'fraction.numerator', 'common.denominator'], mixedOver);
  return { steps, raw };
}

function improperly({ minuend, subtrahend }: Exact): Own {
  const improper = ({ name, whole }: Operand, where: string) =>
    step(
      `improper.${name}`,
      ['common.denominator', `common.${name}`],
      (denominator, top) => whole * denominator + top,
      {
        label: `Improper numerator ${where}`,
        says: ({ value, of }) =>
          `${whole} × ${of('common.denominator')} + ${of(`common.${name}`)} = ${value}.`
      }
    );
  const difference = step(
    'improper.difference',
    ['improper.minuend', 'improper.subtrahend'],
    (top, bottom) => notNegative(top - bottom),
    {
      label: 'Difference of numerators',
      says: ({ value, of }) =>
        `${of('improper.minuend')} − ${of('improper.subtrahend')} = ${value}, over ${of('common.denominator')}.`
    }
  );
  return {
    steps: [improper(minuend, 'above'), improper(subtrahend, 'below'), difference],
    raw: readFrom([difference.id, 'common.denominator'], (top, denominator) =>
      mixedOver(0n, top, denominator)
    )
  };
}

function apart({ minuend, subtrahend }: Exact): Own {
  const parts = using(['whole', 'fraction.numerator', 'common.denominator'], mixedOver);
  const steps = [
    wholes(
      using([], () => minuend.whole - subtrahend.whole),
      { says: ({ value }) => `Wholes: ${minuend.whole} − ${subtrahend.whole} = ${value}.` }
    ),
    { ...numerators('common.minuend', (value) => value), reading: signedNumber },
    stepOn('combined', parts, {
      reading: mixedNumber,
      label: 'Put together',
      says: ({ value, of }) => {
        const [whole, top] = [of('whole'), of('fraction.numerator')];
        const over = of('common.denominator');
        return top.startsWith('−')
          ? `Put together: ${whole} − ${top.slice(1)}/${over} = ${value}.`
          : `Put together that is ${value}.`;
      }
    })
  ];
  return {
    steps,
    raw: { uses: ['combined'], read: (get) => get('combined') as Mixed | undefined }
  };
}

/** Numerator from numerator. */
function numerators(above: string, sign: (value: bigint) => bigint | undefined): Step {
  return step(
    'fraction.numerator',
    [above, 'common.subtrahend'],
    (top, bottom) => sign(top - bottom),
    {
      label: 'Numerator of the difference',
      says: ({ value, of }) =>
        `Fractions: ${of(above)} − ${of('common.subtrahend')} = ${value}, over ${of('common.denominator')}.`
    }
  );
}

function wholes(rule: Pick<Step, 'uses' | 'rule'>, more: Partial<Step>): Step {
  return stepOn('whole', rule, { label: 'Whole of the difference', ...more });
}

/**
 * Minuend above subtrahend, from left to right as given, over the common denominator, and as the school
 * has it; below the rule the difference, simplified, and the answer.
 */
export function mixedSheet(given: Given, school: School, style: HouseStyle): Layout {
  const { minuend, subtrahend } = given;
  const { commonDenominator: least, simplifies } = lookAtFractions(minuend, subtrahend);
  const isUnlike = areUnlike(minuend, subtrahend);
  /** Squares a numerator over the common denominator needs. */
  const tops = least >= 50 ? 2 : 1;
  const improperTops = Math.max(2, Math.ceil(String(least * LARGEST_WHOLE).length / 2));
  const denominator = isUnlike ? '' : String(least);
  const sheet = new FractionSheet('−', [minuend, subtrahend], denominator, 'common.denominator');
  if (isUnlike) {
    const rows = { 0: 'common.minuend', 1: 'common.subtrahend' };
    sheet.equals(0, 1).numerators(rows, tops, { 0: 'common.denominator' });
  }
  if (school === 'regroup') {
    sheet
      .equals(0)
      .wholes({ 0: 'regroup.whole', 2: 'whole' })
      .numerators({ 0: 'regroup.numerator', 2: 'fraction.numerator' }, tops);
  } else if (school === 'improper') {
    const rows = { 0: 'improper.minuend', 1: 'improper.subtrahend', 2: 'improper.difference' };
    sheet.equals(0, 1).numerators(rows, improperTops);
  } else {
    const above = sheet.width;
    sheet
      .from(1)
      .wholes({ 2: 'whole' })
      .numerators({ 2: 'fraction.numerator' }, tops + 1)
      .upTo(above)
      .equals(2)
      .mixed({ 2: 'combined' }, tops + 3);
  }
  if (simplifies) {
    const found = { 2: 'simplified.denominator' };
    sheet.equals(2).numerators({ 2: 'simplified.numerator' }, tops, found);
  }
  return sheet.layout(style);
}
