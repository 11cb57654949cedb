import type { Context } from '../context';

export const pond: Context = {
  id: 'pond',
  title: 'The pond',
  version: 1,
  actors: ['Kensa', 'Branok', 'Tressa', 'Gawen', 'Eseld', 'Madern'],
  things: {
    duck: ['duck', 'ducks'],
    fish: ['fish', 'fish'],
    boat: ['boat', 'boats'],
    child: ['child', 'children'],
    bucket: ['bucket', 'buckets'],
    lily: ['water lily', 'water lilies'],
    ticket: ['ticket', 'tickets']
  },
  measures: {
    children: { unit: 'child', from: 20, to: 200, step: 1, isMade: true },
    boats: { unit: 'boat', from: 3, to: 18, step: 1 },
    perBoat: { unit: 'child', from: 4, to: 12, step: 1 },
    fish: { unit: 'fish', from: 115, to: 985, step: 30 },
    manyFish: { unit: 'fish', from: 1043, to: 9700, step: 299 },
    ducks: { unit: 'duck', from: 12, to: 96, step: 2 },
    allDucks: { unit: 'duck', from: 24, to: 860, step: 1, isMade: true },
    water: { unit: 'l', from: 6.5, to: 96, step: 3.7 },
    cup: { unit: 'ml', from: 150, to: 950, step: 50 },
    buckets: { unit: 'bucket', from: 4, to: 36, step: 2 },
    perBucket: { unit: 'l', from: 2.5, to: 9.5, step: 0.5 },
    tub: { unit: 'l', from: 10, to: 340, step: 0.5, isMade: true },
    depth: { unit: 'm', from: 0.85, to: 4.6, step: 0.15 },
    shallow: { unit: 'cm', from: 15, to: 75, step: 5 },
    lilies: { unit: 'lily', from: 108, to: 960, step: 12 },
    fewLilies: { unit: 'lily', from: 12, to: 84, step: 4 },
    food: { unit: 'kg', from: 1.2, to: 16, step: 0.4 },
    handful: { unit: 'g', from: 150, to: 900, step: 50 },
    weeks: { unit: 'week', from: 2, to: 12, step: 1 },
    days: { unit: 'day', from: 2, to: 28, step: 1 },
    hire: { unit: '£/boat', from: 3.2, to: 9.6, step: 0.8 },
    manyBoats: { unit: 'boat', from: 12, to: 48, step: 2 },
    money: { unit: '£', from: 30, to: 470, step: 0.2, isMade: true },
    perHour: { unit: 'l/minute', from: 1.2, to: 8.4, step: 0.6 },
    minutes: { unit: 'minute', from: 5, to: 50, step: 2.5 },
    deep: { unit: 'm', from: 1, to: 9, step: 0.05, isMade: true },
    allBoats: { unit: 'boat', from: 4, to: 60, step: 1 },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    allLilies: { unit: 'lily', from: 24, to: 760, step: 1, isMade: true }
  },
  stories: [
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'children',
          '{} want to go on the pond.',
          'Children want to go on the pond.',
          'How many children go on the pond?'
        ],
        each: [
          'perBoat',
          'A boat takes {}.',
          'All boats take the same number.',
          'How many children does a boat take?'
        ],
        groups: [
          'boats',
          'They fill {}.',
          '',
          {
            none: 'How many boats do they fill?',
            up: 'How many boats are needed?',
            down: 'How many boats are full?',
            left: 'How many children are in the boat that is not full?',
            both: 'How many boats are full, and how many children are over?'
          }
        ]
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'tub',
          'A tank needs {} of water.',
          '{A} fills a tank.',
          'How much water is in the tank?'
        ],
        groups: [
          'buckets',
          '{A} fills it with {}.',
          '{A} fills it with a bucket.',
          'How many times does {A} have to fill the bucket?'
        ],
        each: ['perBucket', 'The bucket holds {}.', '', 'How much water does a bucket hold?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'water',
          'A tank has {} of water in it.',
          'There is water in a tank.',
          'How much water was in the tank?'
        ],
        change: [
          'water|cup',
          '{A} pours {} of it over the plants.',
          '{A} pours some of it over the plants.',
          'How much water does {A} pour over the plants?'
        ],
        result: ['water', 'There is {} in the tank now.', '', 'How much water is in the tank now?']
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'fish|manyFish',
          'The pond has {}.',
          'There are fish in the pond.',
          'How many fish were in the pond before?'
        ],
        change: [
          'fish',
          '{A} sets in {}.',
          '{A} sets in some young ones.',
          'How many fish does {A} set in?'
        ],
        result: [
          'fish|manyFish',
          'Now there are {} in the pond.',
          '',
          'How many fish are in the pond now?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'fish|manyFish',
          '{A} counts {}.',
          '{A} counts the fish.',
          'How many fish does {A} count?'
        ],
        one: ['fish', '{#} of them are gold.', 'Some of them are gold.', 'How many fish are gold?'],
        other: [
          'fish|manyFish',
          'The other {#} are grey.',
          'The others are grey.',
          'How many fish are grey?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'food',
          'The ducks eat {} in a week.',
          'The ducks are fed.',
          'How much do the ducks eat in a week?'
        ],
        other: [
          'food|handful',
          'The fish eat {} in a week.',
          'The fish are fed too.',
          'How much do the fish eat in a week?'
        ],
        whole: [
          'food',
          'Ducks and fish eat {} in a week.',
          '',
          'How much do ducks and fish eat in a week altogether?'
        ]
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'depth',
          'At the edge the pond is {} deep.',
          '{A} measures the pond at the edge.',
          'How deep is the pond at the edge?'
        ],
        difference: [
          'depth|shallow',
          'In the middle it is {} deeper than at the edge.',
          '',
          'How much deeper is it in the middle than at the edge?'
        ],
        compared: [
          'deep',
          'In the middle it is {} deep.',
          '',
          'How deep is the pond in the middle?'
        ]
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'lilies',
          'The upper pond has {}.',
          '{A} counts the water lilies in two ponds.',
          'How many water lilies does the upper pond have?'
        ],
        difference: [
          'lilies',
          'The upper pond has {#} fewer water lilies than the lower pond.',
          '',
          'How many fewer water lilies than the lower pond does the upper pond have?'
        ],
        reference: [
          'lilies',
          'The lower pond has {}.',
          '',
          'How many water lilies does the lower pond have?'
        ]
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'ducks',
          'In summer {A} counts {}.',
          '{A} counts the ducks in summer.',
          'How many ducks does {A} count in summer?'
        ],
        factor: [
          'times',
          'In winter there are {} as many ducks.',
          '',
          'How many times as many ducks are there in winter?'
        ],
        compared: [
          'allDucks',
          'In winter {A} counts {}.',
          '',
          'How many ducks does {A} count in winter?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: [
          'manyBoats',
          '{A} hires out {}.',
          '{A} hires out boats.',
          'How many boats does {A} hire out?'
        ],
        'unit-price': [
          'hire',
          'A boat costs {}.',
          'All boats cost the same.',
          'What does a boat cost?'
        ],
        total: ['money', '{A} takes {}.', '', 'How much does {A} take?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'perHour',
          'A pump brings {} of water in a minute.',
          'A pump brings water into the pond.',
          'How much water does the pump bring in a minute?'
        ],
        amount: ['minutes', 'It runs for {}.', 'It runs for a while.', 'For how long does it run?'],
        total: ['tub', 'It brings {} of water.', '', 'How much water does it bring?']
      }
    },
    {
      links: ['change- start away stay', 'equal-groups groups each stay'],
      parts: {
        start: [
          'children',
          '{} come to the pond.',
          'Children come to the pond.',
          'How many children come to the pond?'
        ],
        away: [
          'perBoat',
          '{} do not want to go in a boat.',
          'Some do not want to go in a boat.',
          'How many children do not want to go in a boat?'
        ],
        stay: ['children', '', '', ''],
        each: ['perBoat', 'A boat takes {}.', '', ''],
        groups: [
          'boats',
          'The others fill {}.',
          '',
          {
            none: 'How many boats do the others fill?',
            up: 'How many boats do the others need?',
            down: 'How many boats can the others fill?'
          }
        ]
      }
    },
    {
      links: ['part-part-whole one other whole', 'rate whole unit-price total'],
      parts: {
        one: [
          'boats',
          'In the morning {A} hires out {}.',
          'In the morning {A} hires out boats.',
          'How many boats does {A} hire out in the morning?'
        ],
        other: [
          'boats',
          'In the afternoon {A} hires out {}.',
          'In the afternoon {A} hires out boats.',
          'How many boats does {A} hire out in the afternoon?'
        ],
        whole: ['allBoats', '', '', ''],
        'unit-price': [
          'hire',
          'A boat costs {}.',
          'All boats cost the same.',
          'What does a boat cost?'
        ],
        total: ['money', '{A} takes {}.', '', 'How much does {A} take in all?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'fewLilies',
          'In the small pond grow {}.',
          'Lilies grow in two ponds.',
          'How many water lilies grow in the small pond?'
        ],
        factor: [
          'times',
          'In the large pond grow {} as many.',
          '',
          'How many times as many water lilies grow in the large pond?'
        ],
        compared: [
          'allLilies',
          'In the large pond grow {}.',
          '',
          'How many water lilies grow in the large pond?'
        ]
      }
    }
  ],
  beside: {
    ducks: ['ducks', '{} sit on the island.'],
    path: ['shallow', 'A heron stands {} from the edge.'],
    feed: ['handful', 'A bag of bread weighs {}.']
  }
};
