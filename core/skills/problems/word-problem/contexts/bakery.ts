import type { Context } from '../context';

export const bakery: Context = {
  id: 'bakery',
  title: 'The bakery',
  version: 1,
  actors: ['Orla', 'Bram', 'Tamsin', 'Jory', 'Elowen', 'Petrok'],
  things: {
    loaf: ['loaf', 'loaves'],
    roll: ['roll', 'rolls'],
    tray: ['tray', 'trays'],
    bag: ['bag', 'bags'],
    tart: ['tart', 'tarts']
  },
  measures: {
    loaves: { unit: 'loaf', from: 108, to: 990, step: 21 },
    manyLoaves: { unit: 'loaf', from: 1126, to: 9850, step: 349 },
    rolls: { unit: 'roll', from: 96, to: 1500, step: 12 },
    trays: { unit: 'tray', from: 3, to: 24, step: 1 },
    batch: { unit: 'roll', from: 12, to: 48, step: 2 },
    flour: { unit: 'kg', from: 7.5, to: 60, step: 1.5 },
    scoop: { unit: 'g', from: 150, to: 950, step: 50 },
    dough: { unit: 'kg', from: 1.125, to: 9.5, step: 0.235 },
    bags: { unit: 'bag', from: 4, to: 30, step: 2 },
    bagfuls: { unit: 'kg', from: 0.5, to: 2.5, step: 0.25 },
    heavy: { unit: 'kg', from: 1.4, to: 9.8, step: 0.3 },
    perKilo: { unit: '£/kg', from: 1.3, to: 4.9, step: 0.4 },
    takings: { unit: '£', from: 1.8, to: 60, step: 0.01, isMade: true },
    tarts: { unit: 'tart', from: 14, to: 96, step: 2 },
    manyTarts: { unit: 'tart', from: 28, to: 900, step: 1, isMade: true },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    ovens: { unit: 'tray', from: 6, to: 20, step: 2 },
    tartPrice: { unit: '£/tart', from: 0.65, to: 2.45, step: 0.15 },
    tartMoney: { unit: '£', from: 9, to: 240, step: 0.05, isMade: true }
  },
  stories: [
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'flour',
          'The bakery has {} of flour.',
          'The bakery has a sack of flour.',
          'How much flour was in the sack at first?'
        ],
        change: [
          'flour|scoop',
          '{A} uses {} of it for rolls.',
          '{A} uses some of it for rolls.',
          'How much flour does {A} use?'
        ],
        result: ['flour', '{} of flour is left.', '', 'How much flour is left?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        change: [
          'loaves',
          'By noon the bakery has sold {}.',
          'The bakery sells loaves all morning.',
          'How many loaves did it sell by noon?'
        ],
        start: [
          'loaves|manyLoaves',
          '{A} had baked {} for the day.',
          '',
          'How many loaves were baked for the day?'
        ],
        result: [
          'loaves|manyLoaves',
          'At noon {} are on the shelves.',
          '',
          'How many loaves are on the shelves at noon?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'loaves',
          '{A} bakes {} in the morning.',
          '{A} bakes in the morning.',
          'How many loaves does {A} bake in the morning?'
        ],
        other: [
          'loaves|manyLoaves',
          '{B} bakes {} in the afternoon.',
          '{B} bakes in the afternoon.',
          'How many loaves does {B} bake in the afternoon?'
        ],
        whole: [
          'loaves|manyLoaves',
          'That makes {} for the day.',
          '',
          'How many loaves do they bake altogether?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'dough',
          '{A} weighs a batch of dough and gets {}.',
          '{A} weighs a batch of dough.',
          'How much does the whole batch weigh?'
        ],
        one: [
          'dough',
          'The white dough in it weighs {}.',
          'One part of it is white dough.',
          'How much does the white dough weigh?'
        ],
        other: [
          'dough',
          'The brown dough in it weighs {}.',
          'The rest is brown dough.',
          'How much does the brown dough weigh?'
        ]
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        reference: [
          'loaves|manyLoaves',
          '{A} bakes {} in a week.',
          '{A} counts the loaves of a week.',
          'How many loaves does {A} bake?'
        ],
        difference: [
          'loaves',
          '{B} bakes {#} fewer loaves than {A}.',
          '',
          'How many fewer loaves does {B} bake than {A}?'
        ],
        compared: [
          'loaves|manyLoaves',
          '{B} bakes {} in the same week.',
          '',
          'How many loaves does {B} bake?'
        ]
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'heavy',
          'A rye loaf weighs {}.',
          '{A} weighs a rye loaf.',
          'How much does the rye loaf weigh?'
        ],
        compared: [
          'heavy',
          'A wedding loaf weighs {}.',
          '{A} weighs a wedding loaf.',
          'How much does the wedding loaf weigh?'
        ],
        difference: [
          'heavy|scoop',
          'The wedding loaf is {} heavier than the rye loaf.',
          '',
          'How much heavier is the wedding loaf than the rye loaf?'
        ]
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'trays',
          '{A} fills {} with rolls.',
          '{A} puts rolls on trays.',
          {
            none: 'How many trays does {A} fill?',
            up: 'How many trays does {A} need for all of the rolls?',
            down: 'How many trays can {A} fill completely?',
            left: 'When as many trays as possible are full, how many rolls are over?',
            both: 'How many trays does {A} fill, and how many rolls are over?'
          }
        ],
        each: [
          'batch',
          'A tray holds {}.',
          'All trays hold the same number of rolls.',
          'How many rolls does a tray hold?'
        ],
        all: ['rolls', 'There are {}.', '', 'How many rolls are there?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'flour',
          '{A} has {} of flour.',
          '{A} has a sack of flour.',
          'How much flour does {A} have?'
        ],
        groups: [
          'bags',
          '{A} shares it equally among {}.',
          '{A} shares it equally among some bags.',
          'How many bags does {A} fill?'
        ],
        each: ['bagfuls', 'Each bag holds {}.', '', 'How much flour is in a bag?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: ['tarts', '{A} makes {}.', '{A} makes tarts.', 'How many tarts does {A} make?'],
        factor: [
          'times',
          '{B} makes {} as many as {A}.',
          '',
          'How many times as many tarts as {A} does {B} make?'
        ],
        compared: ['manyTarts', '{B} makes {}.', '', 'How many tarts does {B} make?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'perKilo',
          'Seed bread costs {} a kilogram.',
          'Seed bread is sold by weight.',
          'What does a kilogram of seed bread cost?'
        ],
        amount: [
          'heavy',
          '{A} buys {} of it.',
          '{A} buys some of it.',
          'How much seed bread does {A} buy?'
        ],
        total: ['takings', '{A} pays {}.', '', 'How much does {A} pay?']
      }
    },
    {
      links: ['change- start change left', 'equal-groups bags each left'],
      parts: {
        start: [
          'flour',
          'The bakery has {} of flour.',
          'The bakery has a sack of flour.',
          'How much flour was in the sack at first?'
        ],
        change: [
          'flour',
          '{A} uses {} of it for rolls.',
          '{A} uses some of it for rolls.',
          'How much flour does {A} use?'
        ],
        left: ['flour', '', 'The rest goes into bags of the same size.', ''],
        each: ['bagfuls', 'A bag holds {}.', '', 'How much does a bag hold?'],
        bags: ['bags', 'This fills {}.', '', 'How many bags does this fill?']
      }
    },
    {
      links: ['equal-groups groups each all', 'change- all sold result'],
      parts: {
        groups: [
          'trays',
          '{A} bakes {} of rolls.',
          '{A} bakes several trays of rolls.',
          'How many trays does {A} bake?'
        ],
        each: [
          'batch',
          'There are {} on a tray.',
          'There are as many rolls on every tray.',
          'How many rolls are on a tray?'
        ],
        all: ['rolls', '', '', ''],
        sold: [
          'rolls',
          'The bakery sells {}.',
          'The bakery sells most of them.',
          'How many rolls does the bakery sell?'
        ],
        result: ['rolls', '{} are left at the end of the day.', '', 'How many rolls are left?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'tarts',
          'On Monday the bakery sells {}.',
          'The bakery sells tarts on Monday and on Saturday.',
          'How many tarts does it sell on Monday?'
        ],
        factor: [
          'times',
          'On Saturday it sells {} as many.',
          '',
          'How many times as many tarts does it sell on Saturday?'
        ],
        compared: [
          'manyTarts',
          'On Saturday it sells {}.',
          '',
          'How many tarts does it sell on Saturday?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'tartPrice',
          'A tart costs {}.',
          'All tarts cost the same.',
          'What does a tart cost?'
        ],
        amount: ['tarts', '{A} sells {}.', '{A} sells tarts.', 'How many tarts does {A} sell?'],
        total: ['tartMoney', '{A} takes {}.', '', 'How much money does {A} take?']
      }
    }
  ],
  beside: {
    oven: ['ovens', 'The oven holds {}.'],
    parcel: ['scoop', 'A large loaf weighs {}.'],
    shelf: ['loaves', 'There is room for {} on the shelves.']
  }
};
