import { gcd, type Mixed } from '../../../numbers';
import {
  ANSWER,
  signedNumber,
  wholeNumber,
  type Get,
  type Graph,
  type Step,
  type Value
} from '../../../working';
import { leastDenominator, needsRegrouping, type Given } from './operands';
import { mixedForm, mixedNumber } from './readings';

export const schools = ['regroup', 'improper', 'parts'] as const;
export type School = (typeof schools)[number];

/**
 * The fractions are brought to a common denominator; each school goes its own way to a difference over it,
 * and that is simplified:
 *
 *   common.* --> regroup.* --> fraction.numerator, whole --\
 *          \--> improper.* --> improper.difference ---------> simplified.* --> answer
 *           \-> whole, fraction.numerator --> combined ----/
 */
export function mixedGraph(given: Given, school: string): Graph {
  const numbers = exact(given);
  const own = { regroup: regroupSteps, improper: improperSteps, parts: partsSteps }[
    school as School
  ](numbers);
  return { steps: [...commonSteps(numbers), ...own.steps, ...endSteps(numbers, own.difference)] };
}

/** What the rules read of an item. */
interface Exact {
  readonly minuend: Mixed;
  readonly subtrahend: Mixed;
  readonly least: bigint;
  readonly regroups: boolean;
  /** The answer over the least common denominator. */
  readonly difference: Mixed;
}

function exact(given: Given): Exact {
  const mixed = ({ whole, numerator, denominator }: Given['minuend']): Mixed => ({
    whole: BigInt(whole),
    numerator: BigInt(numerator),
    denominator: BigInt(denominator)
  });
  const minuend = mixed(given.minuend);
  const subtrahend = mixed(given.subtrahend);
  const least = BigInt(leastDenominator(given.minuend, given.subtrahend));
  const difference =
    improperOver(minuend, least, topOver(minuend, least)!) -
    improperOver(subtrahend, least, topOver(subtrahend, least)!);
  return {
    minuend,
    subtrahend,
    least,
    regroups: needsRegrouping(given.minuend, given.subtrahend),
    difference: { whole: difference / least, numerator: difference % least, denominator: least }
  };
}

/** Whether two fractions must be brought to a common denominator; a whole number has none. */
export function hasUnlikeDenominators<Denominator>(operands: {
  minuend: { denominator: Denominator };
  subtrahend: { denominator: Denominator };
}): boolean {
  const [one, other] = [
    Number(operands.minuend.denominator),
    Number(operands.subtrahend.denominator)
  ];
  return one !== other && one > 1 && other > 1;
}

/** The numerator over another denominator; undefined where that is no multiple of the old one. */
function topOver({ numerator, denominator }: Mixed, common: bigint): bigint | undefined {
  return common % denominator === 0n ? numerator * (common / denominator) : undefined;
}

function improperOver({ whole }: Mixed, denominator: bigint, numerator: bigint): bigint {
  return whole * denominator + numerator;
}

/** A rule that applies a function to the whole numbers at some steps, where all have one. */
export function from(
  uses: readonly string[],
  convert: (...values: bigint[]) => Value | undefined
): Pick<Step, 'uses' | 'rule'> {
  return {
    uses,
    rule: (get) => {
      const values = uses.map(get).filter((value): value is bigint => typeof value === 'bigint');
      return values.length === uses.length ? convert(...values) : undefined;
    }
  };
}

function step(id: string, rule: Pick<Step, 'uses' | 'rule'>, more: Partial<Step> = {}): Step {
  return { id, kind: id, reading: wholeNumber, ...rule, ...more };
}

const notNegative = (value: bigint) => (value < 0n ? undefined : value);
const silentAt = (value: bigint, when: boolean) => (when ? { silentAt: value } : {});

function commonSteps({ minuend, subtrahend, least }: Exact): Step[] {
  const isSilent = !hasUnlikeDenominators({ minuend, subtrahend });
  const isCommon = (written: Value) =>
    typeof written === 'bigint' &&
    written > 0n &&
    [minuend, subtrahend].every(({ denominator }) => written % denominator === 0n);
  const expanded = (id: string, operand: Mixed) =>
    step(
      `common.${id}`,
      from(['common.denominator'], (common) => topOver(operand, common)),
      silentAt(operand.numerator, isSilent)
    );
  return [
    step(
      'common.denominator',
      from([], () => least),
      {
        accepts: isCommon,
        ...silentAt(least, isSilent)
      }
    ),
    expanded('minuend', minuend),
    expanded('subtrahend', subtrahend)
  ];
}

/** A school's own steps, and how the difference over the common denominator is read from them. */
interface OwnSteps {
  readonly steps: readonly Step[];
  readonly difference: { uses: readonly string[]; read: (get: Get) => Mixed | undefined };
}

function regroupSteps({ minuend, subtrahend, regroups, least, difference }: Exact): OwnSteps {
  const tops = ['common.minuend', 'common.subtrahend'] as const;
  const steps = [
    step(
      'regroup.whole',
      from(tops, (top, bottom) => minuend.whole - (top < bottom ? 1n : 0n)),
      { leftOut: minuend.whole, ...silentAt(minuend.whole, !regroups) }
    ),
    step(
      'regroup.numerator',
      from(['common.denominator', ...tops], (denominator, top, bottom) =>
        top < bottom ? top + denominator : top
      ),
      silentAt(topOver(minuend, least)!, !regroups)
    ),
    step(
      'fraction.numerator',
      from(['regroup.numerator', 'common.subtrahend'], (top, bottom) => notNegative(top - bottom))
    ),
    step(
      'whole',
      from(['regroup.whole'], (whole) => notNegative(whole - subtrahend.whole)),
      silentAt(0n, difference.whole === 0n)
    )
  ];
  const parts = from(['whole', 'fraction.numerator', 'common.denominator'], mixed);
  return { steps, difference: { uses: parts.uses, read: (get) => parts.rule(get) as Mixed } };
}

function improperSteps({ minuend, subtrahend }: Exact): OwnSteps {
  const improper = (id: string, operand: Mixed) =>
    step(
      `improper.${id}`,
      from(['common.denominator', `common.${id}`], (denominator, top) =>
        improperOver(operand, denominator, top)
      )
    );
  const steps = [
    improper('minuend', minuend),
    improper('subtrahend', subtrahend),
    step(
      'improper.difference',
      from(['improper.minuend', 'improper.subtrahend'], (top, bottom) => notNegative(top - bottom))
    )
  ];
  const parts = from(['improper.difference', 'common.denominator'], (top, denominator) =>
    mixed(0n, top, denominator)
  );
  return { steps, difference: { uses: parts.uses, read: (get) => parts.rule(get) as Mixed } };
}

function partsSteps({ minuend, subtrahend }: Exact): OwnSteps {
  const steps = [
    step(
      'whole',
      from([], () => minuend.whole - subtrahend.whole)
    ),
    step(
      'fraction.numerator',
      from(['common.minuend', 'common.subtrahend'], (top, bottom) => top - bottom),
      { reading: signedNumber }
    ),
    step('combined', from(['whole', 'fraction.numerator', 'common.denominator'], mixed), {
      reading: mixedNumber
    })
  ];
  return {
    steps,
    difference: { uses: ['combined'], read: (get) => get('combined') as Mixed | undefined }
  };
}

/** Whole and numerator put together, the numerator brought between 0 and the denominator; undefined below 0. */
function mixed(whole: bigint, numerator: bigint, denominator: bigint): Mixed | undefined {
  const top = whole * denominator + numerator;
  if (denominator < 1n || top < 0n) return undefined;
  return { whole: top / denominator, numerator: top % denominator, denominator };
}

function endSteps(
  { difference: { numerator, denominator } }: Exact,
  { uses, read }: OwnSteps['difference']
): Step[] {
  const common = gcd(numerator, denominator);
  const isSilent = numerator === 0n || common === 1n;
  const simplified = (part: 'numerator' | 'denominator') =>
    step(
      `simplified.${part}`,
      {
        uses,
        rule: (get) => {
          const raw = read(get);
          return raw && raw[part] / gcd(raw.numerator, raw.denominator);
        }
      },
      silentAt(part === 'numerator' ? numerator / common : denominator / common, isSilent)
    );
  const parts = ['simplified.numerator', 'simplified.denominator'];
  return [
    simplified('numerator'),
    simplified('denominator'),
    step(
      ANSWER,
      {
        uses: [...uses, ...parts],
        rule: (get) => {
          const raw = read(get);
          return raw && from(parts, (top, bottom) => mixed(raw.whole, top, bottom)).rule(get);
        }
      },
      { reading: mixedNumber, form: mixedForm }
    )
  ];
}
