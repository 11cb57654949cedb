import { writeText, type HouseStyle } from '../../../house-style';
import {
  completeForm,
  expand,
  factorisation,
  isProduct,
  linearFactors,
  multipliedOut,
  NONE,
  pairOf,
  pairReading,
  polynomial,
  productOf,
  signedNumber,
  type Factorisation,
  type Value
} from '../../../numbers';
import {
  ANSWER,
  LinesSheet,
  stepOn,
  using,
  usingAny,
  type Get,
  type Layout,
  type Step,
  type Symmetry
} from '../../../working';
import { LAST, methodOf, type MethodName } from './card';
import { areaGrid } from './methods/area-grid';
import { bracketed, crossTrial } from './methods/cross-trial';
import { grouping } from './methods/grouping';
import { productAndSum } from './methods/product-and-sum';
import { given as form, isFactorable, numberToTakeOut, reduced, type Given } from './numbers';
import {
  factorsOfPair,
  splitting,
  type Coefficients,
  type Method,
  type Splitting
} from './splitting';

const methods: Readonly<Record<MethodName, (split: Splitting) => Method>> = {
  'product-and-sum': productAndSum,
  'area-grid': areaGrid,
  'cross-trial': crossTrial,
  grouping
};

/**
 * The common factor is taken out (first or last), what is left is split by one of the methods, and the two
 * are put together:
 *
 *   content --> product, sum --> pair --> (grid | split and groups) --> factors --> complete --> answer
 *          \--> cross ------------------------------------------------/       \--> check
 */
export function quadraticSteps(
  given: Given,
  school: string
): { steps: Step[]; symmetries: readonly Symmetry[] } {
  const isLast = school.endsWith(LAST);
  const content = contentStep(numberToTakeOut(given), isLast);
  const whole = [given.a, given.b, given.c].map(BigInt) as unknown as Coefficients;
  const split: Splitting = {
    uses: isLast ? [] : ['content'],
    read: (get) => (isLast ? whole : divided(whole, get('content')))
  };
  const name = methodOf(school);
  // Without a constant there is nothing to split in groups.
  const method = methods[name === 'grouping' && given.c === 0 ? 'product-and-sum' : name](split);
  return {
    steps: [
      ...(isLast ? [] : [content]),
      ...(name === 'cross-trial' ? [] : pairSteps(split)),
      ...method.steps,
      factorsStep(isLast ? method.whole : method.factors, isLast),
      ...(isLast ? [content] : []),
      ...endSteps(given)
    ],
    symmetries: method.symmetries ?? []
  };
}

function divided(whole: Coefficients, content: Value | undefined): Coefficients | undefined {
  if (typeof content !== 'bigint' || content === 0n) return undefined;
  if (whole.some((coefficient) => coefficient % content !== 0n)) return undefined;
  return whole.map((coefficient) => coefficient / content) as unknown as Coefficients;
}

function contentStep(takenOut: bigint, isLast: boolean): Step {
  const signed = (value: bigint) => (takenOut < 0n === value < 0n ? value : -value);
  return stepOn(
    'content',
    using([], () => takenOut),
    {
      reading: signedNumber,
      leftOut: 1n,
      // Which sign was taken out cannot be told: in -(4 - x)(4x - 1) a factor was turned as well.
      seenIn: (answer) => (isProduct(answer) ? signed(answer.constant) : undefined),
      ...(takenOut === 1n && { silentAt: 1n }),
      label: 'Common factor',
      says: ({ value }) =>
        value === '−1'
          ? 'Take out −1, so that the square comes first without a sign.'
          : isLast
            ? `The brackets have ${value} in common: take it out.`
            : `Every number has ${value} in it: take it out.`
    }
  );
}

function pairSteps(split: Splitting): Step[] {
  return [
    stepOn(
      'product',
      splitting(split, [], ([a, , c]) => a * c),
      { reading: signedNumber, says: ({ value }) => `Product of the outer numbers: ${value}.` }
    ),
    stepOn(
      'sum',
      splitting(split, [], ([, b]) => b),
      { reading: signedNumber, says: ({ value }) => `Sum wanted, the number before x: ${value}.` }
    ),
    stepOn('pair', using(['product', 'sum'], pairOf), {
      reading: pairReading,
      isChoice: true,
      says({ value, of }) {
        const [one, other] = value.split(/[,;] /).map(bracketed);
        const [product, sum] = [of('product'), of('sum')];
        return `${one} × ${other} = ${product} and ${one} + ${other} = ${sum}.`;
      }
    })
  ];
}

function factorsStep(factors: Method['factors'], isLast: boolean): Step {
  // Where the common factor comes last it may still stand in a bracket: (2x + 4)(x + 3).
  const holdsContent = (written: Value, get: Get) => {
    const own = factors.rule(get);
    const [linear, right] = [written, own].map((one) =>
      isProduct(one) ? linearFactors(one) : undefined
    );
    return linear !== undefined && right !== undefined && factorisation.equal(linear, right);
  };
  return stepOn('factors', factors, {
    reading: factorisation,
    seenIn: (answer) => (isProduct(answer) ? linearFactors(answer) : undefined),
    ...(isLast && { accepts: holdsContent }),
    says: ({ value }) => (isLast ? `The brackets are ${value}.` : `So the factors are ${value}.`)
  });
}

/** What stands where nothing splits: the rest with what was taken out before it. */
export function unsplit(given: Given, takenOut = numberToTakeOut(given)): Factorisation {
  const { a, b, c } = reduced(given);
  return numberToTakeOut(given) === 1n
    ? NONE
    : productOf(takenOut, [polynomial([c, b, a].map(BigInt))]);
}

function endSteps(given: Given): Step[] {
  const canSplit = isFactorable(given);
  const together = usingAny<[Value?, Value?]>(['content', 'factors'], (content, factors) => {
    if (!isProduct(factors)) return canSplit ? undefined : unsplit(given);
    if (typeof content !== 'bigint') return undefined;
    const { constant, factors: left } = linearFactors(factors) ?? factors;
    return productOf(content * constant, left);
  });
  const isCopy = numberToTakeOut(given) === 1n && canSplit;
  // Where nothing can be done, -(x² + 22x - 47) says so as well.
  const cannot = !canSplit && numberToTakeOut(given) === 1n;
  const whole = { constant: 1n, factors: [polynomial([given.c, given.b, given.a].map(BigInt))] };
  const isWhole = (written: Value) =>
    cannot &&
    isProduct(written) &&
    written.constant === -1n &&
    factorisation.equal(written, whole) &&
    completeForm(written).length === 0;
  const source = isCopy ? 'factors' : 'complete';
  const { a, b, c } = reduced(given);
  const pair = pairOf(BigInt(a * c), BigInt(b));
  return [
    stepOn('complete', together, {
      reading: factorisation,
      accepts: isWhole,
      seenIn: (answer) => (completeForm(answer).length === 0 ? answer : undefined),
      // With nothing taken out the factors are all there is.
      ...(isCopy && pair && { silentAt: factorsOfPair(BigInt(a), pair) }),
      label: 'With the common factor',
      says: ({ value }) =>
        canSplit
          ? `Write the common factor in front: ${value}.`
          : `No pair has that product and that sum: ${value}.`
    }),
    stepOn(
      'check',
      usingAny<[Value?]>(['complete'], (complete) =>
        isProduct(complete) ? expand(complete) : undefined
      ),
      {
        reading: multipliedOut,
        label: 'Multiplied out',
        says: ({ value }) => `Multiplied out it is ${value} again.`
      }
    ),
    stepOn(
      ANSWER,
      usingAny<[Value?]>([source], (value) => value),
      {
        reading: factorisation,
        accepts: isWhole,
        form: completeForm,
        assembled: true,
        label: 'Answer',
        says: ({ value }) => `Answer: ${value}.`
      }
    )
  ];
}

/** The quadratic, what is found of it, the method's own figure, and below it the lines of factors. */
export function quadraticSheet(given: Given, school: string, style: HouseStyle): Layout {
  const isLast = school.endsWith(LAST);
  const method = methodOf(school);
  const sheet = new LinesSheet();
  sheet.given(writeText(form.print(given), style));
  const content = ['content', 'taken out', 3] as const;
  const pair = [
    ['product', 'product', 2],
    ['sum', 'sum', 2],
    ['pair', 'pair', 3]
  ] as const;
  const found = [...(isLast ? [] : [content]), ...(method === 'cross-trial' ? [] : pair)];
  if (found.length > 0) sheet.found(found);
  if (method === 'area-grid') sheet.grid('grid');
  if (method === 'cross-trial') {
    sheet.cross([
      ['cross.p', 'cross.r'],
      ['cross.q', 'cross.s']
    ]);
  }
  if (method === 'grouping' && given.c !== 0) {
    sheet.line('split', '=');
    sheet.groups('group.0', 'group.1');
  }
  sheet.line('factors', '=');
  if (isLast) sheet.found([content]);
  sheet.line('complete', '=');
  sheet.line('check', 'check');
  return sheet.layout();
}
