import type { HouseStyle } from '@zealous-quill/core/house-style';

/** What is chosen once for all skills; methods, advice and times have lists of their own, and covers are written. */
type StyleName = Exclude<
  keyof HouseStyle,
  'methods' | 'advice' | 'timing' | 'department' | 'instructions'
>;

export interface StyleChoice<K extends StyleName = StyleName> {
  readonly name: K;
  readonly title: string;
  readonly options: readonly { readonly value: HouseStyle[K]; readonly word: string }[];
}

function choice<K extends StyleName>(
  name: K,
  title: string,
  options: readonly (readonly [HouseStyle[K], string])[]
): StyleChoice {
  return { name, title, options: options.map(([value, word]) => ({ value, word })) } as StyleChoice;
}

/** What a department chooses, in the order in which it is asked. */
export const styleChoices: readonly { title: string; choices: readonly StyleChoice[] }[] = [
  {
    title: 'Words',
    choices: [
      choice('firstPlace', 'The first place is called', [
        ['ones', 'ones'],
        ['units', 'units']
      ]),
      choice('takingTen', 'Making a ten is called', [
        ['regroup', 'regroup'],
        ['exchange', 'exchange'],
        ['borrow', 'carry and borrow']
      ]),
      choice('verb', 'To write as a product is to', [
        ['factorise', 'factorise'],
        ['factor', 'factor']
      ]),
      choice('spelling', 'Problems are spelled', [
        ['british', 'as in Britain'],
        ['american', 'as in America']
      ])
    ]
  },
  {
    title: 'Columns',
    choices: [
      choice('carryPosition', 'Carries are written', [
        ['above', 'above the next column'],
        ['below', 'below the line'],
        ['beside', 'beside the answer']
      ]),
      choice('crossOff', 'Carries are crossed off once used', [
        [true, 'yes'],
        [false, 'no']
      ]),
      choice('answerRules', 'The answer stands between', [
        ['one', 'one rule'],
        ['two', 'two rules']
      ]),
      choice('headings', 'Over the columns stands', [
        ['letters', 'Th H T O'],
        ['numerals', '1000 100 10 1'],
        ['none', 'nothing']
      ])
    ]
  },
  {
    title: 'Multiplying and dividing',
    choices: [
      choice('timesSign', 'The sign of multiplication is', [
        ['cross', '×'],
        ['dot', '·']
      ]),
      choice('divideSign', 'The sign of division is', [
        ['obelus', '÷'],
        ['colon', ':'],
        ['slash', '/']
      ]),
      choice('divisionAsked', 'Divisions are asked', [
        ['in-turn', 'in all ways, in turn'],
        ['sign', 'with a sign'],
        ['bar', 'as a fraction'],
        ['bus-stop', 'under a bar']
      ]),
      choice('remainder', 'A remainder is answered', [
        ['r', 'after an r'],
        ['fraction', 'as a fraction'],
        ['decimal', 'as a decimal that ends']
      ]),
      choice('longDivision', 'The quotient of a long division stands', [
        ['above', 'above the dividend'],
        ['right', 'right of it']
      ]),
      choice('placeholder', 'Empty places of a row hold', [
        ['zero', 'a zero'],
        ['cross', 'a cross'],
        ['open', 'nothing']
      ])
    ]
  },
  {
    title: 'Numbers',
    choices: [
      choice('decimalMark', 'Decimal mark', [
        ['point', 'point'],
        ['comma', 'comma']
      ]),
      choice('blankPlaces', 'Blank decimal places', [
        ['filled', 'filled with zeros'],
        ['open', 'left open']
      ]),
      choice('trailingZeros', 'Zeros at the end of a decimal answer', [
        ['ignored', 'say nothing of them'],
        ['noted', 'are noted']
      ]),
      choice('decimalAnswers', 'Divisions of decimals ask for', [
        ['open', 'any number of that value'],
        ['asked', 'a decimal']
      ]),
      choice('simplestForm', 'Answers in simplest form are', [
        ['asked', 'asked for'],
        ['open', 'not asked for']
      ]),
      choice('fractionAnswers', 'Fractions above 1 are answered as', [
        ['mixed', 'mixed numbers'],
        ['either', 'mixed or improper']
      ]),
      choice('grouping', 'Long numbers are grouped with', [
        ['space', 'spaces'],
        ['comma', 'commas'],
        ['none', 'nothing']
      ])
    ]
  },
  {
    title: 'Paper',
    choices: [
      choice('paper', 'Paper', [
        ['a4', 'A4'],
        ['us-letter', 'Letter']
      ]),
      choice('squares', 'Squares', [
        [5, '5 mm'],
        [7, '7 mm'],
        [10, '10 mm']
      ])
    ]
  }
];

/** What is chosen in one style otherwise than in another, in words: `Decimal mark: comma`. */
export function changedWords(style: HouseStyle, other: HouseStyle): string {
  const words = styleChoices.flatMap(({ choices }) =>
    choices
      .filter(({ name }) => style[name] !== other[name])
      .map(({ name, title, options }) => {
        const chosen = options.find(({ value }) => value === style[name]);
        return `${title} ${chosen?.word ?? String(style[name])}`;
      })
  );
  const lists = (Object.keys(nested) as (keyof typeof nested)[]).filter(
    (name) => JSON.stringify(style[name]) !== JSON.stringify(other[name])
  );
  return [...words, ...lists.map((name) => `other ${nested[name]}`)].join('; ');
}

/**
 * Two changes of one style together, where each changed something else; undefined where both changed the same to
 * different ends.
 */
export function together(
  base: HouseStyle,
  mine: HouseStyle,
  theirs: HouseStyle
): HouseStyle | undefined {
  const [was, own, other] = [flat(base), flat(mine), flat(theirs)];
  const merged = new Map(other);
  for (const [name, value] of own) {
    if (value === was.get(name) || value === other.get(name)) continue;
    if (other.get(name) !== was.get(name)) return undefined;
    merged.set(name, value);
  }
  return deep(merged);
}

/** What holds rows of its own, each of which is changed by itself, with what a list of them is called. */
const nested = { methods: 'methods', advice: 'advice', timing: 'times on papers' } as const;

/** A style as rows: `methods short-division` is one, `timing bare reading` another. */
function flat(style: object, under: readonly string[] = []): Map<string, unknown> {
  return new Map(
    Object.entries(style).flatMap(([name, value]): (readonly [string, unknown])[] => {
      const path = [...under, name];
      return value !== null && typeof value === 'object'
        ? [...flat(value as object, path)]
        : [[path.join(' '), value]];
    })
  );
}

/** The style of such rows. */
function deep(rows: ReadonlyMap<string, unknown>): HouseStyle {
  const style = Object.fromEntries(Object.keys(nested).map((name) => [name, {}]));
  for (const [path, value] of rows) {
    const names = path.split(' ');
    let place: Record<string, unknown> = style;
    for (const name of names.slice(0, -1)) place = (place[name] ??= {}) as typeof place;
    place[names.at(-1)!] = value;
  }
  return style as unknown as HouseStyle;
}
