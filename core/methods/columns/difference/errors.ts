import { constant, rulesOf, using, type Replacement } from '../../../working';
import { overColumns, type Columns, type School } from './columns';
import { aboveIn, differenceSteps } from './working';

export type Rules = Record<string, Replacement>;

/** Rules for each column, from its figures. */
export function byColumn(
  columns: Columns,
  rules: (top: number, bottom: number, p: number, at: number) => Rules
): Rules {
  return Object.assign({}, ...overColumns(columns, rules)) as Rules;
}

/** Nothing is rewritten, raised or increased. */
export function untouched(columns: Columns, school: School): Rules {
  return {
    ...byColumn(columns, (top, _, p) => ({ [`${aboveIn(school)}.${p}`]: constant(top) })),
    ...(school === 'equal-additions' && neverIncreased(columns))
  };
}

function neverIncreased(columns: Columns): Rules {
  return byColumn(columns, (_, bottom, p, at) =>
    at === 0 ? {} : { [`increased.${p}`]: constant(bottom) }
  );
}

/** In each column the smaller figure from the larger. */
export function smallerFromLarger(columns: Columns, school: School): Rules {
  return {
    ...untouched(columns, school),
    ...byColumn(columns, (top, bottom, p) => ({ [`digit.${p}`]: constant(Math.abs(top - bottom)) }))
  };
}

/** Takes ten where it is needed, and never reduces the neighbour. */
export function noDecrement(columns: Columns, school: School): Rules {
  if (school === 'equal-additions') return neverIncreased(columns);
  return byColumn(columns, (top, bottom, p) => ({
    [`rewritten.${p}`]: constant(top < bottom ? top + 10 : top)
  }));
}

/**
 * A zero from which a ten was taken becomes 9, and then takes nothing itself, or becomes 10; any other taking
 * gives 10 or more.
 */
export function passingZeros(columns: Columns, becomes: 9n | 10n): Rules {
  return byColumn(columns, (top, bottom, p, at) => {
    const stands = (before: bigint) => {
      const isTaken = before >= 10n;
      if (isTaken && top === 0) return becomes;
      const left = BigInt(top) - (isTaken ? 1n : 0n);
      return left < BigInt(bottom) ? left + 10n : left;
    };
    const rule = at === 0 ? constant(stands(0n)) : using([`rewritten.${p - 1}`], stands);
    return { [`rewritten.${p}`]: rule };
  });
}

/** Each ten comes from the first figure to the left that is not 0 then; stuck if there is none. */
export function skipsZero(columns: Columns): Rules | undefined {
  const stands = [...columns.top];
  for (let at = 0; at < stands.length; at++) {
    if (stands[at]! >= columns.bottom[at]!) continue;
    const giver = stands.findIndex((figure, q) => q > at && figure > 0);
    if (giver < 0) return undefined;
    stands[giver]!--;
    stands[at]! += 10;
  }
  return byColumn(columns, (_top, _bottom, p, at) => ({
    [`rewritten.${p}`]: constant(stands[at]!)
  }));
}

/** Only where the minuend prints 0, something is to be subtracted, and nothing was taken from it. */
export function zeroMinusN(columns: Columns, school: School, answer: (n: number) => number): Rules {
  const above = aboveIn(school);
  const usual = rulesOf(differenceSteps(columns, school));
  return byColumn(columns, (top, bottom, p, at) => {
    if (top !== 0 || bottom === 0 || at < columns.blanks) return {};
    const before = `${above}.${p - 1}`;
    /** The value where nothing was taken from this zero; the usual rule where something was. */
    const unlessTaken = (id: string, value: bigint): Rules => {
      const { uses, rule } = usual[id]!;
      if (at === 0) return { [id]: constant(value) };
      const printed = BigInt(columns.top[at - 1]!);
      return {
        [id]: {
          uses: [...uses, before],
          rule: (get) => {
            const neighbour = get(before);
            if (typeof neighbour !== 'bigint') return undefined;
            return neighbour > printed ? rule(get) : value;
          }
        }
      };
    };
    return {
      ...unlessTaken(`${above}.${p}`, 0n),
      ...unlessTaken(`digit.${p}`, BigInt(answer(bottom)))
    };
  });
}
