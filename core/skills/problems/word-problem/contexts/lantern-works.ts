import type { Context } from '../context';

export const lanternWorks: Context = {
  id: 'lantern-works',
  title: 'The lantern works',
  version: 1,
  actors: ['Maud', 'Ivo', 'Senara', 'Cador', 'Brea', 'Tobit'],
  things: {
    lantern: ['lantern', 'lanterns'],
    pane: ['pane of glass', 'panes of glass'],
    crate: ['crate', 'crates'],
    wick: ['wick', 'wicks'],
    worker: ['worker', 'workers']
  },
  measures: {
    lanterns: { unit: 'lantern', from: 126, to: 980, step: 19 },
    manyLanterns: { unit: 'lantern', from: 1049, to: 9700, step: 373 },
    few: { unit: 'lantern', from: 12, to: 96, step: 3 },
    crates: { unit: 'crate', from: 12, to: 60, step: 3 },
    boxes: { unit: 'crate', from: 2, to: 11, step: 1 },
    each: { unit: 'lantern', from: 12, to: 48, step: 3 },
    all: { unit: 'lantern', from: 144, to: 2600, step: 1, isMade: true },
    panes: { unit: 'pane', from: 234, to: 996, step: 23 },
    wire: { unit: 'm', from: 3.6, to: 48, step: 1.2 },
    offcut: { unit: 'cm', from: 15, to: 95, step: 5 },
    piece: { unit: 'm', from: 0.3, to: 2.4, step: 0.15 },
    wicks: { unit: 'wick', from: 4, to: 32, step: 2 },
    oil: { unit: 'l', from: 2.75, to: 36, step: 1.125 },
    can: { unit: 'ml', from: 250, to: 950, step: 50 },
    price: { unit: '£/lantern', from: 6.5, to: 24.5, step: 1.5 },
    money: { unit: '£', from: 60, to: 2500, step: 0.5, isMade: true },
    ribbon: { unit: 'm', from: 1.125, to: 6, step: 0.125, isMixed: true },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    workers: { unit: 'worker', from: 8, to: 40, step: 2 },
    wirePrice: { unit: '£/m', from: 0.8, to: 3.2, step: 0.2 },
    wireMoney: { unit: '£', from: 3, to: 150, step: 0.01, isMade: true }
  },
  stories: [
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'lanterns',
          'The works makes {#} coloured lanterns.',
          'The works makes coloured and plain lanterns.',
          'How many coloured lanterns does it make?'
        ],
        other: [
          'lanterns|manyLanterns',
          'It makes {#} plain lanterns.',
          'The others are plain.',
          'How many plain lanterns does it make?'
        ],
        whole: [
          'lanterns|manyLanterns',
          'It makes {} in all.',
          '',
          'How many lanterns does it make in all?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'ribbon',
          '{A} has {} of ribbon.',
          '{A} has a roll of ribbon.',
          'How long was the whole roll?'
        ],
        one: [
          'ribbon',
          '{A} cuts off {} for handles.',
          '{A} cuts off a piece for handles.',
          'How long is the piece for handles?'
        ],
        other: ['ribbon', 'The other piece is {} long.', '', 'How long is the other piece?']
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'lanterns|manyLanterns',
          'There are {} in the store.',
          'There are lanterns in the store.',
          'How many lanterns were in the store before?'
        ],
        change: [
          'lanterns',
          '{A} brings {} from the workshop.',
          '{A} brings a load from the workshop.',
          'How many lanterns does {A} bring?'
        ],
        result: [
          'lanterns|manyLanterns',
          'Now the store has {}.',
          '',
          'How many lanterns are in the store now?'
        ]
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'oil',
          'The tank holds {} of oil.',
          'There is oil in the tank.',
          'How much oil was in the tank?'
        ],
        change: [
          'oil|can',
          '{A} pours out {} to test a lamp.',
          '{A} pours some out to test a lamp.',
          'How much oil does {A} pour out?'
        ],
        result: ['oil', 'Now {} of oil is in the tank.', '', 'How much oil is in the tank now?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        reference: [
          'panes',
          '{A} cuts {}.',
          '{A} cuts glass.',
          'How many panes of glass does {A} cut?'
        ],
        difference: [
          'panes',
          '{B} cuts {#} fewer panes of glass than {A}.',
          '',
          'How many fewer panes does {B} cut than {A}?'
        ],
        compared: ['panes', '{B} cuts {}.', '', 'How many panes of glass does {B} cut?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        compared: [
          'lanterns|manyLanterns',
          'This year the works sells {}.',
          'The works counts what it sells in a year.',
          'How many lanterns does it sell this year?'
        ],
        difference: [
          'lanterns',
          'This year it sells {#} more lanterns than last year.',
          '',
          'How many more lanterns does it sell this year than last year?'
        ],
        reference: [
          'lanterns|manyLanterns',
          'Last year it sold {}.',
          '',
          'How many lanterns did it sell last year?'
        ]
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'crates',
          '{A} packs {}.',
          '{A} packs lanterns into crates.',
          {
            none: 'How many crates does {A} pack?',
            up: 'How many crates does {A} need to pack them all?',
            down: 'How many crates can {A} fill?',
            left: 'How many lanterns are over when all full crates are packed?'
          }
        ],
        each: [
          'each',
          'A crate holds {}.',
          'All crates hold the same number.',
          'How many lanterns are in a crate?'
        ],
        all: ['all', 'There are {} to pack.', '', 'How many lanterns does {A} pack?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: ['wire', '{A} has {} of wire.', '{A} has a coil of wire.', 'How long is the coil?'],
        each: [
          'piece',
          'Every handle needs {} of it.',
          'Every handle needs as much of it.',
          'How much wire does a handle need?'
        ],
        groups: ['few', 'That is enough for {}.', '', 'How many lanterns get a handle?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'lanterns',
          'In spring the works makes {}.',
          'The works makes lanterns all year.',
          'How many lanterns does it make in spring?'
        ],
        factor: ['times', 'In winter it makes {} as many.', '', ''],
        compared: ['all', 'In winter it makes {}.', '', 'How many lanterns does it make in winter?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: [
          'few',
          '{A} sells {}.',
          '{A} sells lanterns at the gate.',
          'How many lanterns does {A} sell?'
        ],
        'unit-price': [
          'price',
          'A lantern costs {}.',
          'They all have the same price.',
          'What does a lantern cost?'
        ],
        total: ['money', 'The customers pay {}.', '', 'How much do the customers pay?']
      }
    },
    {
      links: ['part-part-whole one other whole', 'equal-groups groups each whole'],
      parts: {
        one: [
          'few',
          '{A} finishes {}.',
          '{A} finishes some lanterns.',
          'How many lanterns does {A} finish?'
        ],
        other: [
          'few',
          '{B} finishes {}.',
          '{B} finishes some lanterns.',
          'How many lanterns does {B} finish?'
        ],
        whole: ['all', '', 'They pack all of them into crates.', ''],
        each: ['each', 'A crate holds {}.', '', 'How many lanterns does a crate hold?'],
        groups: ['crates|boxes', 'They fill {}.', '', 'How many crates do they fill?']
      }
    },
    {
      links: ['compare+ one more other', 'part-part-whole one other whole'],
      parts: {
        one: ['lanterns', '{A} paints {}.', '', ''],
        more: ['few', '{B} paints {#} more lanterns than {A}.', '', ''],
        other: ['lanterns', '', '', ''],
        whole: ['all', '', '', 'How many lanterns do they paint altogether?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'few',
          '{A} paints {} in a week.',
          '{A} paints lanterns.',
          'How many lanterns does {A} paint in a week?'
        ],
        factor: ['times', 'The whole works paints {} as many.', '', ''],
        compared: [
          'all',
          'The whole works paints {} in a week.',
          '',
          'How many lanterns does the whole works paint in a week?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'wirePrice',
          'A metre of wire costs {}.',
          'Wire is bought by the metre.',
          'What does a metre of wire cost?'
        ],
        amount: [
          'wire',
          '{A} buys {} of it.',
          '{A} buys a roll of it.',
          'How many metres of wire does {A} buy?'
        ],
        total: ['wireMoney', '{A} pays {}.', '', 'How much does {A} pay for the wire?']
      }
    }
  ],
  beside: {
    staff: ['workers', 'The works has {}.'],
    glass: ['panes', '{} stand in the yard.'],
    pole: ['wire', 'The yard is {} long.']
  }
};
