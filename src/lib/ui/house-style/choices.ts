import type { HouseStyle } from '@zealous-quill/core/house-style';

export interface StyleChoice<K extends keyof HouseStyle = keyof HouseStyle> {
  readonly name: K;
  readonly title: string;
  readonly options: readonly { readonly value: HouseStyle[K]; readonly word: string }[];
}

function choice<K extends keyof HouseStyle>(
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
      choice('subtraction', 'Subtraction is done by', [
        ['decomposition', 'decomposition'],
        ['equal-additions', 'equal additions']
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
    title: 'Methods',
    choices: [
      choice('mixedNumbers', 'Mixed numbers are subtracted by', [
        ['regroup', 'regrouping in a column'],
        ['improper', 'improper fractions'],
        ['parts', 'wholes and fractions apart']
      ]),
      choice('quadratics', 'Quadratics are factorised by', [
        ['product-and-sum', 'product and sum'],
        ['area-grid', 'an area grid'],
        ['cross-trial', 'cross trial'],
        ['grouping', 'grouping']
      ]),
      choice('commonFactor', 'A common factor is taken out', [
        ['first', 'first'],
        ['last', 'last']
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
