import type { Context } from '../context';

export const allotment: Context = {
  id: 'allotment',
  title: 'The allotment',
  version: 1,
  actors: ['Isolde', 'Cuthbert', 'Rosen', 'Trystan', 'Melyn', 'Jago'],
  things: {
    plant: ['plant', 'plants'],
    row: ['row', 'rows'],
    seed: ['seed', 'seeds'],
    bean: ['bean plant', 'bean plants'],
    sack: ['sack', 'sacks'],
    bulb: ['bulb', 'bulbs']
  },
  measures: {
    rows: { unit: 'row', from: 12, to: 48, step: 3 },
    fewRows: { unit: 'row', from: 3, to: 9, step: 1 },
    perRow: { unit: 'plant', from: 14, to: 60, step: 2 },
    plants: { unit: 'plant', from: 42, to: 2900, step: 1, isMade: true },
    bulbs: { unit: 'bulb', from: 118, to: 980, step: 22 },
    manyBulbs: { unit: 'bulb', from: 1030, to: 9900, step: 377 },
    seeds: { unit: 'seed', from: 124, to: 996, step: 24 },
    manySeeds: { unit: 'seed', from: 1012, to: 9000, step: 444 },
    potatoes: { unit: 'kg', from: 3.45, to: 48, step: 1.65 },
    peas: { unit: 'g', from: 150, to: 950, step: 50 },
    basket: { unit: 'kg', from: 0.4, to: 8.4, step: 0.4 },
    sacks: { unit: 'sack', from: 4, to: 24, step: 2 },
    perSack: { unit: 'kg', from: 1.5, to: 7.5, step: 0.75 },
    harvest: { unit: 'kg', from: 3, to: 190, step: 0.05, isMade: true },
    perKilo: { unit: '£/kg', from: 1.2, to: 5.6, step: 0.2 },
    money: { unit: '£', from: 1, to: 90, step: 0.01, isMade: true },
    hedge: { unit: 'm', from: 2.125, to: 9.5, step: 0.125, isMixed: true },
    bed: { unit: 'm', from: 1.4, to: 9.8, step: 0.35 },
    edge: { unit: 'cm', from: 20, to: 95, step: 5 },
    heavyBasket: { unit: 'kg', from: 0.5, to: 17, step: 0.05, isMade: true },
    longBed: { unit: 'm', from: 1.6, to: 20, step: 0.05, isMade: true },
    allBulbs: { unit: 'bulb', from: 236, to: 8900, step: 1, isMade: true },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    weeks: { unit: 'week', from: 3, to: 16, step: 1 },
    allSacks: { unit: 'sack', from: 8, to: 216, step: 1, isMade: true },
    sackPrice: { unit: '£/sack', from: 3.4, to: 11.4, step: 0.8 },
    sackMoney: { unit: '£', from: 12, to: 280, step: 0.2, isMade: true }
  },
  stories: [
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'rows|fewRows',
          '{A} sets {} of cabbages.',
          '{A} sets cabbages in rows.',
          {
            none: 'How many rows does {A} set?',
            up: 'How many rows does {A} need for all of them?',
            down: 'How many full rows are there?',
            left: 'How many plants are over when all full rows are set?'
          }
        ],
        each: [
          'perRow',
          'There are {} in a row.',
          'There are as many plants in every row.',
          'How many plants are in a row?'
        ],
        all: ['plants', 'There are {}.', '', 'How many plants are there?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'harvest',
          '{A} digs up {} of potatoes.',
          '{A} digs up potatoes.',
          'How many kilograms of potatoes does {A} dig up?'
        ],
        groups: [
          'sacks',
          '{A} splits them equally between {}.',
          '{A} splits them equally between some sacks.',
          'How many sacks does {A} fill?'
        ],
        each: ['perSack', 'Each sack holds {}.', '', 'How many kilograms are in a sack?']
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'potatoes',
          '{A} picks {} of apples.',
          '{A} picks apples.',
          'How many kilograms of apples does {A} pick?'
        ],
        other: [
          'potatoes|peas',
          '{A} picks {} of plums.',
          '{A} picks plums too.',
          'How many kilograms of plums does {A} pick?'
        ],
        whole: [
          'harvest',
          'The fruit weighs {}.',
          '',
          'How many kilograms of fruit does {A} pick in all?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'bulbs|manyBulbs',
          '{A} plants {}.',
          '{A} plants bulbs.',
          'How many bulbs does {A} plant?'
        ],
        one: [
          'bulbs',
          '{#} of them are tulips.',
          'Some of them are tulips.',
          'How many bulbs are tulips?'
        ],
        other: [
          'bulbs|manyBulbs',
          'The other {#} are lilies.',
          'The others are lilies.',
          'How many bulbs are lilies?'
        ]
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'seeds|manySeeds',
          'A bag has {} in it.',
          '{A} has a bag of seeds.',
          'How many seeds were in the bag?'
        ],
        change: ['seeds', '{A} sows {}.', '{A} sows some of them.', 'How many seeds does {A} sow?'],
        result: [
          'seeds|manySeeds',
          'Then there are {} in the bag.',
          '',
          'How many seeds are in the bag then?'
        ]
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'hedge',
          'A hedge is {} high.',
          'A hedge has grown high.',
          'How high was the hedge?'
        ],
        change: [
          'hedge',
          '{A} cuts off {}.',
          '{A} cuts off the top.',
          'How much does {A} cut off?'
        ],
        result: ['hedge', 'After that it is {} high.', '', 'How high is the hedge after that?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'basket',
          'The basket of {A} weighs {}.',
          '{A} and {B} weigh their baskets.',
          'How much does the basket of {A} weigh?'
        ],
        difference: [
          'basket|peas',
          'The basket of {B} is {} heavier than that of {A}.',
          '',
          'How much heavier is the basket of {B} than that of {A}?'
        ],
        compared: [
          'heavyBasket',
          'The basket of {B} weighs {}.',
          '',
          'How much does the basket of {B} weigh?'
        ]
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'bed',
          'The bed with leeks is {} long.',
          '{A} measures two beds.',
          'How long is the bed with leeks?'
        ],
        difference: [
          'bed|edge',
          'The bed with leeks is {} shorter than the bed with beans.',
          '',
          'How much shorter is the bed with leeks than the bed with beans?'
        ],
        reference: [
          'longBed',
          'The bed with beans is {} long.',
          '',
          'How long is the bed with beans?'
        ]
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'bulbs',
          '{A} plants {}.',
          '{A} plants bulbs.',
          'How many bulbs does {A} plant?'
        ],
        factor: ['times', '{B} plants {} as many.', '', ''],
        compared: ['allBulbs', '{B} plants {}.', '', 'How many bulbs does {B} plant?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'perKilo',
          'Strawberries cost {} a kilogram.',
          'Strawberries are sold by weight.',
          'What does a kilogram of strawberries cost?'
        ],
        amount: [
          'basket|peas',
          '{A} sells {}.',
          '{A} sells some.',
          'How many kilograms does {A} sell?'
        ],
        total: ['money', '{A} receives {} for them.', '', 'How much money does {A} receive?']
      }
    },
    {
      links: ['equal-groups groups each all', 'change- all eaten result'],
      parts: {
        groups: ['fewRows|rows', '{A} sets {} of lettuce.', '{A} sets lettuce in rows.', ''],
        each: ['perRow', 'There are {} in a row.', 'There are as many plants in every row.', ''],
        all: ['plants', '', '', ''],
        eaten: [
          'perRow',
          'Snails eat {}.',
          'Snails eat some of them.',
          'How many plants do the snails eat?'
        ],
        result: ['plants', '{} grow up.', '', 'How many plants grow up?']
      }
    },
    {
      links: ['change- start kept sold', 'rate sold unit-price total'],
      parts: {
        start: [
          'basket',
          '{A} picks {} of strawberries.',
          '{A} picks strawberries.',
          'How many kilograms of strawberries does {A} pick?'
        ],
        kept: [
          'basket',
          '{A} keeps {} of them.',
          '{A} keeps some of them.',
          'How many kilograms does {A} keep?'
        ],
        sold: ['basket', '', '{A} sells the rest.', ''],
        'unit-price': [
          'perKilo',
          'The price is {} a kilogram.',
          '',
          'What is the price of a kilogram?'
        ],
        total: ['money', '{A} receives {}.', '', 'How much money does {A} receive?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'sacks',
          'Last year {A} filled {}.',
          '{A} fills sacks with potatoes every year.',
          'How many sacks did {A} fill last year?'
        ],
        factor: ['times', 'This year {A} fills {} as many.', '', ''],
        compared: [
          'allSacks',
          'This year {A} fills {}.',
          '',
          'How many sacks does {A} fill this year?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'sackPrice',
          'A sack of compost costs {}.',
          'All sacks of compost cost the same.',
          'What does a sack of compost cost?'
        ],
        amount: ['sacks', '{A} buys {}.', '{A} buys some.', 'How many sacks does {A} buy?'],
        total: ['sackMoney', '{A} pays {}.', '', 'How much does {A} pay?']
      }
    }
  ],
  beside: {
    weeks: ['weeks', 'The seeds were sown {} ago.'],
    path: ['edge', 'The path is {} wide.'],
    pots: ['perRow', '{} stand in pots.']
  }
};
