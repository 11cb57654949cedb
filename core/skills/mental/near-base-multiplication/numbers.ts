import * as z from 'zod/mini';
import { givenFrom, type GivenForm } from '../../../skill/given/form';
import { SIGNS } from '../../../skill/given/pair';
import { BASES, besideBase, FURTHEST, nearestBase } from '../../../methods/in-the-head/near-base';

export interface Given {
  readonly left: string;
  readonly right: string;
  readonly base: number;
}

/** Whether two numbers can be worked from a base: what stands in the cross must be above 0. */
export const isItem = (left = 0, right = 0, base = 0): boolean =>
  besideBase(left, base) && besideBase(right, base) && left + right > base;

const numeral = z.string().check(z.regex(/^[1-9]\d{0,3}$/, 'a whole number of up to 4 digits'));

const schema = z.strictObject({ left: numeral, right: numeral, base: z.literal([...BASES]) }).check(
  z.refine(({ left, right, base }) => isItem(Number(left), Number(right), base), {
    path: ['base'],
    message: `both numbers must be 1 to ${FURTHEST} from it, and more than it together`
  })
);

/** Two numbers with the base nearest to them. */
function nearest(left: string | undefined, right: string | undefined): Given | undefined {
  const base = nearestBase([Number(left), Number(right)], isItem);
  return base === undefined ? undefined : givenFrom(schema, { left, right, base });
}

/** `97 x 93`; another base than the nearest is said: `36 x 29 near 40`. */
export const given: GivenForm<Given> = {
  schema,
  howToType:
    'Write two numbers near 10, 20 … 100 or 1000 with x between them; another base than the nearest after "near".',
  print: ({ left, right, base }) =>
    `${left} x ${right}${nearest(left, right)?.base === base ? '' : ` near ${base}`}`,
  parse(line) {
    const [numbers = '', base, ...rest] = line.split(/\s+near\s+/);
    const [left, right, ...others] = numbers.split(SIGNS.x).map((text) => text.trim());
    if (rest.length > 0 || others.length > 0) return undefined;
    return base === undefined
      ? nearest(left, right)
      : givenFrom(schema, { left, right, base: /^\d+\s*$/.test(base) ? Number(base) : undefined });
  },
  itemKey: ({ left, right, base }) => `${[left, right].sort().join('x')} near ${base}`,
  operands: ({ left, right }) => [left, right],
  from: (operands) => (operands.length === 2 ? nearest(operands[0], operands[1]) : undefined)
};
