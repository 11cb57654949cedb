import { expand, pairOf, polynomial } from '../../../numbers';
import {
  ANSWER,
  signedNumber,
  type Get,
  type Graph,
  type Step,
  type Value
} from '../../../working';
import {
  areaGrid,
  crossTrial,
  factorsOfPair,
  grouping,
  productAndSum,
  type Method
} from './methods';
import { contentOfQuadratic, isFactorable, reduced, type Given } from './quadratic';
import {
  completeForm,
  factorisation,
  isProduct,
  linearFactors,
  multipliedOut,
  NONE,
  pairReading,
  productOf,
  type Factorisation
} from './readings';

const methods = ['product-and-sum', 'area-grid', 'cross-trial', 'grouping'] as const;
export type MethodName = (typeof methods)[number];

const LAST = '-content-last';

/** Each method with the common factor taken out first, then each with it taken out last. */
export const schools: readonly string[] = [...methods, ...methods.map((method) => method + LAST)];

/** The school of a method and of when the common factor is taken out. */
export function schoolFor(method: MethodName, commonFactor: 'first' | 'last'): string {
  return commonFactor === 'last' ? method + LAST : method;
}

export function methodOf(school: string): MethodName {
  return school.replace(LAST, '') as MethodName;
}

/** The number to take out: the content, negative where a is. */
export function numberToTakeOut(given: Given): bigint {
  return BigInt(contentOfQuadratic(given) * Math.sign(given.a));
}

/** a, b and c of the quadratic that is split. */
export type Coefficients = readonly [a: bigint, b: bigint, c: bigint];

/**
 * The common factor is taken out (first or last), what is left is split by one of the methods, and the two
 * are put together:
 *
 *   content --> product, sum --> pair --> (grid | split and groups) --> factors --> complete --> answer
 *          \--> cross ------------------------------------------------/       \--> check
 */
export function quadraticGraph(given: Given, school: string): Graph {
  const isLast = school.endsWith(LAST);
  const takenOut = numberToTakeOut(given);
  const content = contentStep(takenOut);
  const whole = [given.a, given.b, given.c].map(BigInt) as unknown as Coefficients;
  const split: Splitting = {
    uses: isLast ? [] : ['content'],
    read: (get) => (isLast ? whole : divided(whole, get('content')))
  };
  const method = {
    'product-and-sum': productAndSum,
    'area-grid': areaGrid,
    'cross-trial': crossTrial,
    grouping
  }[methodOf(school)](split, given);
  return {
    steps: [
      ...(isLast ? [] : [content]),
      ...(methodOf(school) === 'cross-trial' ? [] : pairSteps(split)),
      ...method.steps,
      factorsStep(method.factors, isLast),
      ...(isLast ? [content] : []),
      ...endSteps(given, takenOut)
    ],
    ...(method.symmetries && { symmetries: method.symmetries })
  };
}

/** The quadratic that is split, and the steps it is read from. */
export interface Splitting {
  readonly uses: readonly string[];
  readonly read: (get: Get) => Coefficients | undefined;
}

function divided(whole: Coefficients, content: Value | undefined): Coefficients | undefined {
  if (typeof content !== 'bigint' || content === 0n) return undefined;
  if (whole.some((coefficient) => coefficient % content !== 0n)) return undefined;
  return whole.map((coefficient) => coefficient / content) as unknown as Coefficients;
}

function signedAs(model: bigint, value: bigint): bigint {
  return model < 0n === value < 0n ? value : -value;
}

function contentStep(takenOut: bigint): Step {
  return {
    id: 'content',
    kind: 'content',
    uses: [],
    rule: () => takenOut,
    reading: signedNumber,
    leftOut: 1n,
    // Which sign was taken out cannot be told: in -(4 - x)(4x - 1) a factor was turned as well.
    seenIn: (answer) => (isProduct(answer) ? signedAs(takenOut, answer.constant) : undefined),
    ...(takenOut === 1n && { silentAt: 1n })
  };
}

function pairSteps({ uses, read }: Splitting): Step[] {
  const number = (id: string, of: (coefficients: Coefficients) => bigint): Step => ({
    id,
    kind: id,
    uses,
    rule: (get) => {
      const coefficients = read(get);
      return coefficients && of(coefficients);
    },
    reading: signedNumber
  });
  return [
    number('product', ([a, , c]) => a * c),
    number('sum', ([, b]) => b),
    {
      id: 'pair',
      kind: 'pair',
      uses: ['product', 'sum'],
      rule: (get) => {
        const [product, sum] = [get('product'), get('sum')];
        return typeof product === 'bigint' && typeof sum === 'bigint'
          ? pairOf(product, sum)
          : undefined;
      },
      reading: pairReading
    }
  ];
}

/** The factors of a quadratic without content; undefined if it does not split. */
export function splitOf({ a, b, c }: Given): Factorisation | undefined {
  const pair = pairOf(BigInt(a * c), BigInt(b));
  return pair && factorsOfPair(BigInt(a), pair);
}

function factorsStep(rule: Method['factors'], isLast: boolean): Step {
  // Where the common factor comes last it may still stand in a bracket: (2x + 4)(x + 3).
  const holdsContent = (written: Value, get: Get) => {
    const own = rule.rule(get);
    const linear = isProduct(written) ? linearFactors(written) : undefined;
    return isProduct(own) && linear !== undefined && factorisation.equal(linear, own);
  };
  return {
    id: 'factors',
    kind: 'factors',
    reading: factorisation,
    seenIn: (answer) => (isProduct(answer) ? linearFactors(answer) : undefined),
    ...rule,
    ...(isLast && { accepts: holdsContent })
  };
}

function endSteps(given: Given, takenOut: bigint): Step[] {
  const canSplit = isFactorable(given);
  const quadratic = reduced(given);
  const unsplit: Factorisation =
    takenOut === 1n
      ? NONE
      : productOf(takenOut, [polynomial([quadratic.c, quadratic.b, quadratic.a].map(BigInt))]);
  const together = (get: Get): Factorisation | undefined => {
    const [factors, content] = [get('factors'), get('content')];
    if (!isProduct(factors)) return canSplit ? undefined : unsplit;
    if (typeof content !== 'bigint') return undefined;
    const { constant, factors: left } = linearFactors(factors) ?? factors;
    return productOf(content * constant, left);
  };
  const isCopy = takenOut === 1n && canSplit;
  return [
    {
      id: 'complete',
      kind: 'complete',
      uses: ['content', 'factors'],
      rule: together,
      reading: factorisation,
      seenIn: (answer) => (completeForm(answer).length === 0 ? answer : undefined),
      // With nothing taken out the factors are all there is.
      ...(isCopy && { silentAt: splitOf(quadratic)! })
    },
    {
      id: 'check',
      kind: 'check',
      uses: ['complete'],
      rule: (get) => {
        const complete = get('complete');
        return isProduct(complete) ? expand(complete) : undefined;
      },
      reading: multipliedOut
    },
    {
      id: ANSWER,
      kind: ANSWER,
      uses: [isCopy ? 'factors' : 'complete'],
      rule: (get) => get(isCopy ? 'factors' : 'complete'),
      reading: factorisation,
      form: completeForm,
      assembled: true
    }
  ];
}
