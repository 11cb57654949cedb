import type { ErrorPattern } from '../../skill';
import type { Replacement } from '../../../working';
import { needsRegrouping, type Given } from './operands';
import { from } from './working';

const APART = ['regroup', 'parts'];
const REGROUP = ['regroup'];
const REGROUPS = { regroups: true, wholeVanishes: false, fractionOnly: false };

const size = (value: bigint) => (value < 0n ? -value : value);

/** Numerator from numerator, the smaller from the larger. */
const smallerFromLarger: Replacement = from(
  ['common.minuend', 'common.subtrahend'],
  (top, bottom) => size(top - bottom)
);

/** The minuend as it stands, with nothing regrouped, in the school that would. */
function notRegrouped({ minuend }: Given, graph: Parameters<ErrorPattern['replacements']>[1]) {
  const canRegroup = graph.steps.some(({ id }) => id === 'regroup.whole');
  return canRegroup
    ? {
        'regroup.whole': from([], () => BigInt(minuend.whole)),
        'regroup.numerator': from(['common.minuend'], (top) => top)
      }
    : undefined;
}

/** Ways of going wrong with mixed numbers; the examples of the catalogue are tested beside it. */
export const errorPatterns: readonly ErrorPattern<Given>[] = [
  {
    id: 'numerators-switched',
    schools: APART,
    shownBy: REGROUPS,
    replacements: (given, graph) =>
      needsRegrouping(given.minuend, given.subtrahend)
        ? { ...notRegrouped(given, graph), 'fraction.numerator': smallerFromLarger }
        : {}
  },
  {
    id: 'regroup-adds-ten',
    schools: REGROUP,
    shownBy: REGROUPS,
    replacements: (given) => regroupedBy(given, (top) => top + 10n)
  },
  {
    id: 'regroup-replaces',
    schools: REGROUP,
    shownBy: REGROUPS,
    replacements: (given) => regroupedBy(given, (_top, denominator) => denominator)
  },
  {
    id: 'whole-not-reduced',
    schools: REGROUP,
    shownBy: REGROUPS,
    replacements: ({ minuend }) => ({ 'regroup.whole': from([], () => BigInt(minuend.whole)) })
  },
  {
    id: 'denominators-combined',
    schools: APART,
    shownBy: { relation: ['multiple', 'shared-factor', 'coprime'] },
    replacements: (given, graph) => {
      const [above, below] = [given.minuend.denominator, given.subtrahend.denominator];
      if (above === below) return undefined;
      return {
        ...notRegrouped(given, graph),
        ...asGiven(given, BigInt(Math.abs(above - below))),
        'fraction.numerator': smallerFromLarger
      };
    }
  },
  {
    id: 'unlike-denominators-ignored',
    shownBy: { relation: ['multiple', 'shared-factor', 'coprime'], regroups: false },
    replacements: (given) => asGiven(given, BigInt(given.minuend.denominator))
  },
  {
    id: 'fraction-dropped',
    schools: REGROUP,
    shownBy: REGROUPS,
    replacements: ({ minuend, subtrahend }) =>
      needsRegrouping(minuend, subtrahend)
        ? { 'fraction.numerator': { uses: [], rule: () => 0n } }
        : {}
  }
];

function regroupedBy(
  { minuend, subtrahend }: Given,
  regroup: (top: bigint, denominator: bigint) => bigint
): Record<string, Replacement> {
  if (!needsRegrouping(minuend, subtrahend)) return {};
  return {
    'regroup.numerator': from(['common.minuend', 'common.denominator'], (top, denominator) =>
      regroup(top, denominator)
    )
  };
}

/** The numerators as they are given, over one denominator. */
function asGiven({ minuend, subtrahend }: Given, denominator: bigint): Record<string, Replacement> {
  return {
    'common.denominator': { uses: [], rule: () => denominator, accepts: () => false },
    'common.minuend': { uses: [], rule: () => BigInt(minuend.numerator) },
    'common.subtrahend': { uses: [], rule: () => BigInt(subtrahend.numerator) }
  };
}
