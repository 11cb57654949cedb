import type { Context } from '../context';

export const market: Context = {
  id: 'market',
  title: 'The market',
  version: 1,
  actors: ['Jenifer', 'Colan', 'Tegen', 'Wella', 'Sidwell', 'Meraud'],
  things: {
    apple: ['apple', 'apples'],
    stall: ['stall', 'stalls'],
    basket: ['basket', 'baskets'],
    egg: ['egg', 'eggs'],
    jar: ['jar', 'jars'],
    box: ['box', 'boxes']
  },
  measures: {
    purse: { unit: '£', from: 8.4, to: 64, step: 1.9 },
    spent: { unit: '£', from: 3.15, to: 48, step: 1.45 },
    coins: { unit: 'p', from: 35, to: 95, step: 5 },
    total: { unit: '£', from: 2, to: 400, step: 0.01, isMade: true },
    cheese: { unit: '£/kg', from: 4.5, to: 9.5, step: 0.5 },
    weight: { unit: 'kg', from: 0.4, to: 3.6, step: 0.2 },
    grams: { unit: 'g', from: 150, to: 950, step: 50 },
    apples: { unit: 'apple', from: 112, to: 980, step: 28 },
    manyApples: { unit: 'apple', from: 1020, to: 9800, step: 404 },
    eggs: { unit: 'egg', from: 72, to: 960, step: 1, isMade: true },
    boxes: { unit: 'box', from: 8, to: 60, step: 2 },
    perBox: { unit: 'egg', from: 6, to: 24, step: 6 },
    jars: { unit: 'jar', from: 12, to: 72, step: 3 },
    jarPrice: { unit: '£/jar', from: 1.25, to: 4.75, step: 0.25 },
    fewJars: { unit: 'jar', from: 2, to: 9, step: 1 },
    bigPurse: { unit: '£', from: 60, to: 140, step: 5 },
    pumpkin: { unit: 'kg', from: 0.6, to: 8, step: 0.05, isMade: true },
    perBasket: { unit: 'apple', from: 12, to: 80, step: 4 },
    honey: { unit: '£', from: 2.4, to: 9.6, step: 0.45 },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    stalls: { unit: 'stall', from: 12, to: 48, step: 2 },
    cartful: { unit: 'apple', from: 24, to: 730, step: 1, isMade: true }
  },
  stories: [
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'purse',
          '{A} has {} in a purse.',
          '{A} goes to the market with a purse.',
          'How much money was in the purse at first?'
        ],
        change: [
          'spent|coins',
          '{A} pays {} for bread.',
          '{A} pays for bread.',
          'How much does the bread cost?'
        ],
        result: [
          'purse',
          'Then there is {} in the purse.',
          '',
          'How much money is in the purse then?'
        ]
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'apples|manyApples',
          '{A} starts with {}.',
          '{A} has apples to sell.',
          'How many apples did {A} start with?'
        ],
        change: [
          'apples',
          'A farmer brings another {#}.',
          'A farmer brings some more.',
          'How many apples does the farmer bring?'
        ],
        result: [
          'apples|manyApples',
          'After that {A} has {}.',
          '',
          'How many apples does {A} have after that?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'spent',
          '{A} takes {} in the morning.',
          '{A} sells honey in the morning.',
          'How much does {A} take in the morning?'
        ],
        other: [
          'spent',
          '{A} takes {} in the afternoon.',
          '{A} sells honey in the afternoon.',
          'How much does {A} take in the afternoon?'
        ],
        whole: [
          'total',
          '{A} takes {} that day.',
          '',
          'How much does {A} take that day altogether?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'apples|manyApples',
          '{A} sells {}, red and green ones.',
          '{A} sells red and green apples.',
          'How many apples does {A} sell?'
        ],
        one: [
          'apples',
          '{#} of them are red.',
          'Some of them are red.',
          'How many apples are red?'
        ],
        other: ['apples|manyApples', 'The other {#} are green.', '', 'How many apples are green?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'spent',
          'A small cheese costs {}.',
          'The market has small cheeses and large ones.',
          'How much does a small cheese cost?'
        ],
        difference: [
          'spent|coins',
          'A small cheese is {} cheaper than a large one.',
          '',
          'How much cheaper than a large cheese is a small one?'
        ],
        reference: ['spent', 'A large cheese costs {}.', '', 'How much does a large cheese cost?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'weight',
          'A marrow weighs {}.',
          '{A} weighs a marrow.',
          'How much does the marrow weigh?'
        ],
        difference: [
          'weight|grams',
          'A pumpkin is {} heavier than the marrow.',
          '',
          'How much heavier than the marrow is the pumpkin?'
        ],
        compared: ['pumpkin', 'The pumpkin weighs {}.', '', 'How much does the pumpkin weigh?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'boxes',
          '{A} fills {} with eggs.',
          '{A} puts eggs into boxes.',
          {
            none: 'How many boxes does {A} fill?',
            up: 'How many boxes are needed for all the eggs?',
            down: 'How many boxes are full?',
            left: 'How many eggs are over when all full boxes are closed?',
            both: 'How many boxes are full, and how many eggs are over?'
          }
        ],
        each: [
          'perBox',
          'A box takes {}.',
          'All boxes take the same number of eggs.',
          'How many eggs does a box take?'
        ],
        all: ['eggs', 'There are {}.', '', 'How many eggs are there?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'total',
          '{A} and friends spend {}.',
          '{A} and friends buy cakes.',
          'How much do they spend?'
        ],
        groups: [
          'boxes',
          'They buy {} of cakes.',
          'They buy several boxes.',
          'How many boxes do they buy?'
        ],
        each: ['spent', 'Each box costs {}.', '', 'How much does a box cost?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'honey',
          'A jar of honey costs {}.',
          '{A} looks at the prices.',
          'How much does a jar of honey cost?'
        ],
        factor: [
          'times',
          'A lamp costs {} as much as a jar of honey.',
          '',
          'How many times as much as a jar of honey does a lamp cost?'
        ],
        compared: ['total', 'A lamp costs {}.', '', 'How much does a lamp cost?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'cheese',
          'Moor cheese costs {} a kilogram.',
          'Moor cheese is sold by weight.',
          'What does a kilogram of moor cheese cost?'
        ],
        amount: [
          'weight|grams',
          '{A} buys {}.',
          '{A} buys a piece.',
          'How many kilograms of it does {A} buy?'
        ],
        total: ['total', '{A} pays {}.', '', 'How much does {A} pay?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: ['jars', '{A} sells {} of jam.', '{A} sells jam.', 'How many jars does {A} sell?'],
        'unit-price': [
          'jarPrice',
          'A jar costs {}.',
          'All jars have the same price.',
          'What does a jar cost?'
        ],
        total: ['total', '{A} takes {}.', '', 'How much does {A} take?']
      }
    },
    {
      links: ['rate amount unit-price cost', 'change- start cost result'],
      parts: {
        start: [
          'purse',
          '{A} has {}.',
          '{A} goes to the market.',
          'How much money did {A} have at first?'
        ],
        'unit-price': ['cheese', 'Cheese costs {} a kilogram.', '', ''],
        amount: ['weight', '{A} buys {} of it.', '{A} buys a piece of it.', ''],
        cost: ['total', '', '', ''],
        result: ['total', '{A} keeps {}.', '', 'How much money does {A} keep?']
      }
    },
    {
      links: [
        'rate amount unit-price first',
        'part-part-whole first other whole',
        'change- start whole result'
      ],
      parts: {
        start: ['bigPurse', '{A} has {}.', '{A} goes to the market.', ''],
        amount: ['fewJars', '{A} buys {} of jam.', '', ''],
        'unit-price': ['jarPrice', 'A jar costs {}.', '', ''],
        first: ['total', '', '', ''],
        other: ['spent', '{A} also buys bread for {}.', '', ''],
        whole: ['total', '', '', ''],
        result: ['total', '', '', 'How much money does {A} still have?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'perBasket',
          'A basket holds {}.',
          'There is a basket, and there is a cart.',
          'How many apples does the basket hold?'
        ],
        factor: [
          'times',
          'A cart holds {} as many.',
          '',
          'How many times as many apples as the basket does the cart hold?'
        ],
        compared: ['cartful', 'A cart holds {}.', '', 'How many apples does the cart hold?']
      }
    }
  ],
  beside: {
    stalls: ['stalls', 'The market has {}.'],
    bag: ['grams', 'An empty basket weighs {}.'],
    crate: ['perBasket', '{} lie in a crate.']
  }
};
