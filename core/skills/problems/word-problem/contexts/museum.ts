import type { Context } from '../context';

export const museum: Context = {
  id: 'museum',
  title: 'The museum',
  version: 1,
  actors: ['Tamblyn', 'Keren', 'Rumon', 'Steren', 'Tegan', 'Varya'],
  things: {
    visitor: ['visitor', 'visitors'],
    coin: ['coin', 'coins'],
    case: ['glass case', 'glass cases'],
    postcard: ['postcard', 'postcards'],
    group: ['group', 'groups'],
    ticket: ['ticket', 'tickets']
  },
  measures: {
    visitors: { unit: 'visitor', from: 134, to: 990, step: 31 },
    manyVisitors: { unit: 'visitor', from: 1036, to: 9800, step: 337 },
    hugeVisitors: { unit: 'visitor', from: 10450, to: 64000, step: 2873 },
    groups: { unit: 'group', from: 12, to: 48, step: 2 },
    perGroup: { unit: 'visitor', from: 12, to: 30, step: 2 },
    guided: { unit: 'visitor', from: 60, to: 1500, step: 1, isMade: true },
    coins: { unit: 'coin', from: 124, to: 980, step: 21 },
    cases: { unit: 'case', from: 4, to: 24, step: 1 },
    perCase: { unit: 'coin', from: 12, to: 64, step: 4 },
    allCoins: { unit: 'coin', from: 48, to: 8800, step: 1, isMade: true },
    price: { unit: '£/ticket', from: 2.75, to: 9.75, step: 0.5 },
    tickets: { unit: 'ticket', from: 14, to: 98, step: 4 },
    takings: { unit: '£', from: 38, to: 960, step: 0.25, isMade: true },
    card: { unit: '£', from: 0.85, to: 14.6, step: 0.55 },
    pence: { unit: 'p', from: 35, to: 95, step: 5 },
    change: { unit: '£', from: 0.5, to: 30, step: 0.01, isMade: true },
    statue: { unit: 't', from: 1.2, to: 8.6, step: 0.2 },
    block: { unit: 'kg', from: 150, to: 950, step: 50 },
    tower: { unit: 'm', from: 8.45, to: 46, step: 1.65 },
    model: { unit: 'cm', from: 20, to: 95, step: 5 },
    postcards: { unit: 'postcard', from: 12, to: 96, step: 4 },
    lion: { unit: 't', from: 1.3, to: 18, step: 0.05, isMade: true },
    tall: { unit: 'm', from: 4, to: 420, step: 0.05, isMade: true },
    allCards: { unit: 'postcard', from: 24, to: 860, step: 1, isMade: true },
    fewTickets: { unit: 'ticket', from: 2, to: 9, step: 1 },
    purse: { unit: '£', from: 20, to: 95, step: 5 },
    gate: { unit: 'm', from: 2.4, to: 7.8, step: 0.15 },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    days: { unit: 'day', from: 3, to: 28, step: 1 },
    perDay: { unit: 'visitor', from: 48, to: 480, step: 24 },
    cardPrice: { unit: '£/postcard', from: 0.35, to: 0.95, step: 0.05 },
    cardMoney: { unit: '£', from: 4, to: 95, step: 0.05, isMade: true }
  },
  stories: [
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'visitors|manyVisitors',
          'In the morning {} come.',
          'Visitors come in the morning.',
          'How many visitors come in the morning?'
        ],
        other: [
          'visitors|manyVisitors',
          'In the afternoon {} come.',
          'Visitors come in the afternoon.',
          'How many visitors come in the afternoon?'
        ],
        whole: [
          'manyVisitors|visitors|hugeVisitors',
          'That day {} come.',
          '',
          'How many visitors come that day in all?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'tower',
          'A tower with its roof is {} high.',
          '{A} measures a tower with its roof.',
          'How high is the tower with its roof?'
        ],
        one: [
          'tower',
          'The walls are {} high.',
          'The walls are a part of it.',
          'How high are the walls?'
        ],
        other: ['tower', 'The roof is {} high.', 'On top is the roof.', 'How high is the roof?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'card',
          '{A} has {}.',
          '{A} goes to the museum shop.',
          'How much money did {A} have at first?'
        ],
        change: [
          'card|pence',
          '{A} pays {} for a postcard book.',
          '{A} buys a postcard book.',
          'How much does the postcard book cost?'
        ],
        result: ['change', 'Then {A} has {}.', '', 'How much money does {A} have then?']
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'coins',
          'The museum owns {}.',
          'The museum owns coins.',
          'How many coins did the museum own before?'
        ],
        change: [
          'coins',
          'A family sends it another {#}.',
          'A family sends it some more.',
          'How many coins does the family send?'
        ],
        result: ['allCoins', 'Now it owns {}.', '', 'How many coins does it own now?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'statue',
          'A stone cross weighs {}.',
          '{A} has to lift a stone cross.',
          'How much does the stone cross weigh?'
        ],
        difference: [
          'statue|block',
          'A stone lion is {} heavier than the cross.',
          '',
          'How much heavier than the cross is the lion?'
        ],
        compared: ['lion', 'The stone lion weighs {}.', '', 'How much does the stone lion weigh?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'manyVisitors|visitors',
          'In April {} come.',
          'The museum counts its visitors in April and in May.',
          'How many visitors come in April?'
        ],
        difference: [
          'visitors',
          'In April {#} fewer visitors come than in May.',
          '',
          'How many fewer visitors come in April than in May?'
        ],
        reference: [
          'manyVisitors|visitors',
          'In May {} come.',
          '',
          'How many visitors come in May?'
        ]
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'groups',
          '{A} leads {} through the museum.',
          '{A} leads groups through the museum.',
          {
            none: 'How many groups are there?',
            up: 'How many groups are needed for everybody?',
            down: 'How many full groups are there?',
            left: 'When all full groups have gone, how many visitors are over?'
          }
        ],
        each: [
          'perGroup',
          'There are {} in a group.',
          'All groups are of the same size.',
          'How many visitors are in a group?'
        ],
        all: ['guided', 'There are {}.', '', 'How many visitors are led through the museum?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'allCoins',
          '{A} lays out {}.',
          '{A} lays out coins.',
          'How many coins does {A} lay out?'
        ],
        groups: [
          'cases',
          '{A} shares them equally between {}.',
          '{A} shares them equally between some glass cases.',
          'How many glass cases does {A} fill?'
        ],
        each: ['perCase', 'Each glass case holds {}.', '', 'How many coins are in a glass case?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'postcards',
          '{A} sells {}.',
          '{A} sells postcards.',
          'How many postcards does {A} sell?'
        ],
        factor: [
          'times',
          '{B} sells {} as many.',
          '',
          'How many times as many postcards as {A} does {B} sell?'
        ],
        compared: ['allCards', '{B} sells {}.', '', 'How many postcards does {B} sell?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        compared: [
          'tall',
          'A tower is {} high.',
          '{A} looks up at a tower.',
          'How high is the tower?'
        ],
        factor: [
          'times',
          'It is {} as high as the gate.',
          '',
          'How many times as high as the gate is the tower?'
        ],
        reference: ['gate', 'The gate is {} high.', '', 'How high is the gate?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: ['tickets', '{A} sells {}.', '{A} sells tickets.', ''],
        'unit-price': [
          'price',
          'A ticket costs {}.',
          'All tickets have the same price.',
          'What does a ticket cost?'
        ],
        total: ['takings', '{A} takes {}.', '', 'How much money does {A} take?']
      }
    },
    {
      links: ['equal-groups days each all', 'part-part-whole all other whole'],
      parts: {
        days: [
          'days',
          'The museum is open for {}.',
          'The museum is open for some days.',
          'For how many days is the museum open?'
        ],
        each: [
          'perDay',
          'On each day {} come.',
          'On every day the same number of visitors come.',
          'How many visitors come on a day?'
        ],
        all: ['guided', '', '', ''],
        other: [
          'visitors',
          'At night another {#} come.',
          'More visitors come at night.',
          'How many visitors come at night?'
        ],
        whole: [
          'manyVisitors',
          'The museum has {} in that time.',
          '',
          'How many visitors does the museum have in that time?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total', 'change- start total result'],
      parts: {
        start: [
          'purse',
          '{A} has {}.',
          '{A} wants to buy tickets.',
          'How much money did {A} have at first?'
        ],
        amount: ['fewTickets', '{A} buys {}.', '{A} buys a few tickets.', ''],
        'unit-price': ['price', 'A ticket costs {}.', 'All tickets have the same price.', ''],
        total: ['takings', '', '', ''],
        result: ['change', 'Then {A} has {}.', '', 'How much money does {A} have then?']
      }
    },
    {
      links: [
        'rate tickets unit-price paid',
        'part-part-whole paid book spent',
        'change- start spent result',
        'compare- result less other'
      ],
      parts: {
        start: ['purse', '{A} has {}.', '', ''],
        tickets: ['fewTickets', '{A} buys {}.', '', ''],
        'unit-price': ['price', 'A ticket costs {}.', '', ''],
        paid: ['takings', '', '', ''],
        book: ['card', 'A book costs {A} {}.', '', ''],
        spent: ['takings', '', '', ''],
        result: ['purse', '', '', ''],
        less: ['pence', '{B} then has {} less than {A}.', '', ''],
        other: ['purse', '', '', 'How much money does {B} have?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'cardPrice',
          'A postcard costs {}.',
          'All postcards have the same price.',
          'What does a postcard cost?'
        ],
        amount: ['postcards', '{A} sells {}.', '{A} sells postcards.', ''],
        total: ['cardMoney', '{A} takes {}.', '', 'How much money does {A} take?']
      }
    }
  ],
  beside: {
    shut: ['days', 'The museum was shut for {}.'],
    model: ['model', 'A model of the tower is {} high.'],
    cards: ['postcards', 'There are {} on a stand.']
  }
};
